import type { ThingId } from '../../method/things.ts';
import { Lines, type Blocked, type Hold } from './lines.ts';
import { never } from './laws.ts';
import { at, clashes, type Point, type Problem } from './problem.ts';

interface Held {
  readonly from: number;
  readonly to: number;
  readonly act: number;
}

interface Span {
  readonly from: number;
  readonly to: number;
}

/** What of a plan in the making others have to keep off: things of which there are few, also where they stand, and what is brought over a place. */
export class Claims extends Lines {
  readonly #things = new Map<ThingId, Held[]>();
  readonly #marksFrom: readonly (readonly number[])[];
  readonly #standsFrom: readonly (readonly number[])[];
  /** of each mark those of other repairs at its place that it may not overlap */
  readonly #against: readonly (readonly number[])[];
  /** marks whose time is known */
  readonly #spans: (Span | undefined)[];

  constructor(problem: Problem) {
    super(problem);
    const { activities, marks, stands } = problem;
    const lists = () => activities.map((): number[] => []);
    const [from, stand] = [lists(), lists()];
    marks.forEach((m, i) => [...new Set([m.from.act, m.to.act])].forEach((a) => at(from, a).push(i)));
    stands.forEach((s, i) => [...new Set([s.from.act, s.to.act])].forEach((a) => at(stand, a).push(i)));
    [this.#marksFrom, this.#standsFrom] = [from, stand];
    this.#against = marks.map((m) =>
      marks.flatMap((o, n) =>
        o.place === m.place &&
        at(activities, o.from.act).repair !== at(activities, m.from.act).repair &&
        clashes.some(([a, b]) => (a === m.is && b === o.is) || (b === m.is && a === o.is))
          ? [n]
          : [],
      ),
    );
    this.#spans = marks.map(() => undefined);
  }

  /** What of things, of what stands and of marks is in the way of an activity at a time. */
  protected onClaims(act: number, start: number, end: number): Blocked | undefined {
    return this.#onThings(act, start, end) ?? this.#onStands(act, start, end) ?? this.#onMarks(act, start, end);
  }

  /** Whether things of which there are few are free; else until when they are not. */
  #onThings(act: number, start: number, end: number): Blocked | undefined {
    for (const thing of this.act(act).things) {
      const blocked = this.#capacity(thing, start, end, act);
      if (blocked) return blocked;
    }
    return undefined;
  }

  /** Whether a thing is free all the time from one moment to another; else until when it is not. */
  #capacity(thing: ThingId, from: number, to: number, act: number): Blocked | undefined {
    const has = this.problem.things[thing];
    if (has === undefined) return undefined;
    const over = (this.#things.get(thing) ?? []).filter((h) => h.act !== act && h.from < to && h.to > from);
    if (over.length < has) return undefined;
    // the most at once is reached where one of them begins, or at the start
    for (const min of [from, ...over.map((h) => h.from).filter((m) => m > from)]) {
      const now = over.filter((h) => h.from <= min && h.to > min);
      if (now.length < has) continue;
      const first = now.reduce((a, b) => (b.to < a.to ? b : a));
      return { until: first.to, hold: { by: 'thing', thing, act: first.act } };
    }
    return undefined;
  }

  /** A moment; nothing while what it is counted from has no time. */
  #moment(p: Point, act: number, start: number, end: number): number | undefined {
    const [from, to] = p.act === act ? [start, end] : [at(this.start, p.act), at(this.end, p.act)];
    return from < 0 ? undefined : this.pointLaw(p).least(p.at === 'start' ? from : to);
  }

  #spanOf({ from, to }: { readonly from: Point; readonly to: Point }, act = -1, start = 0, end = 0): Span | undefined {
    const [a, b] = [this.#moment(from, act, start, end), this.#moment(to, act, start, end)];
    return a === undefined || b === undefined ? undefined : { from: a, to: b };
  }

  /** Whether what it brings over its place bears what others bring; else until when it does not. */
  #onMarks(act: number, start: number, end: number): Blocked | undefined {
    for (const i of at(this.#marksFrom, act)) {
      if (at(this.#against, i).length === 0) continue;
      const mine = at(this.problem.marks, i);
      const span = this.#spanOf(mine, act, start, end);
      if (!span) continue;
      for (const n of at(this.#against, i)) {
        const its = this.#spans[n];
        if (!its || its.from >= span.to || span.from >= its.to) continue;
        const hold: Hold = { by: 'mark', mark: i, other: n };
        if (mine.from.act === act) return { until: start + Math.max(1, its.to - span.from), hold };
        return { until: never, hold, putOff: { act: mine.from.act, min: Math.max(its.to, at(this.start, mine.from.act) + 1) } };
      }
    }
    return undefined;
  }

  /** Whether what stands until it can stand so long. */
  #onStands(act: number, start: number, end: number): Blocked | undefined {
    for (const i of at(this.#standsFrom, act)) {
      const stand = at(this.problem.stands, i);
      const span = this.#spanOf(stand, act, start, end);
      const blocked = span && this.#capacity(stand.thing, span.from, span.to, stand.from.act);
      if (!blocked) continue;
      if (stand.from.act === act) return { ...blocked, until: Math.max(start + 1, blocked.until) };
      return { ...blocked, until: never, putOff: { act: stand.from.act, min: Math.max(blocked.until, at(this.start, stand.from.act) + 1) } };
    }
    return undefined;
  }

  /** Takes up what an activity that has its time needs and brings. */
  protected claim(act: number, start: number, end: number): void {
    for (const thing of this.act(act).things) this.#hold(thing, { from: start, to: end, act });
    for (const i of at(this.#standsFrom, act)) {
      const stand = at(this.problem.stands, i);
      // a thing stands once both ends of that are known; it counts as held by what put it there
      const span = this.#spanOf(stand);
      if (span) this.#hold(stand.thing, { ...span, act: stand.from.act });
    }
    for (const i of at(this.#marksFrom, act)) this.#spans[i] = this.#spanOf(at(this.problem.marks, i));
  }

  #hold(thing: ThingId, held: Held): void {
    if (this.problem.things[thing] === undefined) return;
    const list = this.#things.get(thing);
    if (list) list.push(held);
    else this.#things.set(thing, [held]);
  }

  /** Gives up again what an activity needed and brought. */
  protected unclaim(act: number): void {
    const stood = at(this.#standsFrom, act).map((i) => at(this.problem.stands, i));
    const freed = new Set<ThingId>([...this.act(act).things, ...stood.map((s) => s.thing)]);
    const owners = new Set([act, ...stood.map((s) => s.from.act)]);
    for (const thing of freed) {
      const list = this.#things.get(thing);
      if (list)
        this.#things.set(
          thing,
          list.filter((h) => !owners.has(h.act)),
        );
    }
    // what put a thing there, and stands itself, holds it while it is done
    for (const other of owners)
      if (other !== act && this.isPlaced(other))
        for (const thing of this.act(other).things)
          if (freed.has(thing)) this.#hold(thing, { from: at(this.start, other), to: at(this.end, other), act: other });
    for (const i of at(this.#marksFrom, act)) this.#spans[i] = undefined;
  }
}
