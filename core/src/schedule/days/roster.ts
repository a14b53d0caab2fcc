import type { ThingId } from '../../method/things.ts';
import { Lines, type Blocked, type Hold, type PutOff } from './lines.ts';
import { lawTable, never, type Law } from './laws.ts';
import { at, clashes, firstOf, type Stretch, type Placement, type Point, type Problem, type Tie } from './problem.ts';

/** Where an activity can stand, with whom, and why no sooner. */
export interface Spot {
  readonly start: number;
  readonly end: number;
  readonly people: readonly number[];
  readonly hold: Hold;
}

interface Held {
  readonly from: number;
  readonly to: number;
  readonly act: number;
}

interface Span {
  readonly from: number;
  readonly to: number;
}

/** Who does what when, in the making: activities are put where ties, people, things, marks and hours let them, and taken off again. */
export class Roster extends Lines {
  readonly into: readonly (readonly number[])[];
  readonly holds: (Hold | undefined)[];
  readonly #laws: readonly { readonly least: Law; readonly most: Law; readonly overBy: Law }[];
  readonly #slowest: readonly number[];
  readonly #things = new Map<ThingId, Held[]>();
  readonly #marksFrom: readonly (readonly number[])[];
  readonly #standsFrom: readonly (readonly number[])[];
  /** of each mark those of other repairs at its place that it may not overlap */
  readonly #against: readonly (readonly number[])[];
  /** marks whose time is known */
  readonly #spans: (Span | undefined)[];
  /** what has to begin later, where the last spot that was looked for was not found for that */
  stuck: PutOff | undefined;
  /** what was in the way at last, where no spot was found */
  inTheWay: Hold | undefined;
  /** whether some of each window is kept in reserve */
  reserved = true;
  /** what is set by hand, and how long the people of it are taken by that */
  readonly #pinned: readonly { readonly act: number; readonly people: readonly number[]; readonly time: Stretch }[];
  /** days worked, with how many activities begin on each */
  readonly worked = new Map<number, number>();

  constructor(problem: Problem) {
    super(problem);
    const { activities, ties, marks, stands, repairs } = problem;
    const law = lawTable();
    const climate = (act: number) => at(repairs, at(activities, act).repair).climate;
    const lists = () => activities.map((): number[] => []);
    const [into, from, stand] = [lists(), lists(), lists()];
    ties.forEach((t, i) => at(into, t.to).push(i));
    marks.forEach((m, i) => [...new Set([m.from.act, m.to.act])].forEach((a) => at(from, a).push(i)));
    stands.forEach((s, i) => [...new Set([s.from.act, s.to.act])].forEach((a) => at(stand, a).push(i)));
    [this.into, this.#marksFrom, this.#standsFrom] = [into, from, stand];
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
    this.#laws = ties.map((t) => ({ least: law(t.least, climate(t.from)), most: law(t.most, climate(t.from)), overBy: law(t.overBy, climate(t.from)) }));
    this.#slowest = activities.map((a) => Math.max(0, ...a.ways.map((w) => w.minutes)));
    this.holds = activities.map(() => undefined);
    this.#pinned = activities.flatMap(({ pin }, act) => {
      if (!pin) return [];
      const minutes = this.minutes(act, pin.people.length);
      const end = this.openings
        .of(this.act(act), pin.people)
        .fit(pin.start, { before: 0, minutes, after: 0, interrupt: this.act(act).interrupt }, problem.grid)?.end;
      return [{ act, people: pin.people, time: { from: pin.start, to: end ?? pin.start + minutes } }];
    });
    activities.forEach(({ done }, act) => {
      if (done) this.put(act, { ...done, hold: { by: 'start' } });
    });
  }

  /** Whether it is over and stays where it was. */
  isDone(act: number): boolean {
    return this.act(act).done !== undefined;
  }

  #anchor(tie: Tie): number {
    return at(tie.after === 'start' ? this.start : this.end, tie.from);
  }

  /** From when an activity may begin by what comes before it, and which tie says so. */
  earliest(act: number): { readonly min: number; readonly hold: Hold } {
    const asked = firstOf(this.problem, this.act(act));
    let [min, hold]: [number, Hold] = [asked, this.act(act).pin ? { by: 'pin' } : asked > 0 ? { by: 'asked' } : { by: 'start' }];
    for (const i of at(this.into, act)) {
      const over = at(this.#laws, i).least.least(this.#anchor(at(this.problem.ties, i)));
      if (over > min) [min, hold] = [over, { by: 'tie', tie: i }];
    }
    return { min, hold };
  }

  /** By when an activity must have begun: the first of its windows to close, or, unless only these are asked for, the day that it has to be done on. */
  latest(act: number, windowsOnly = false): { readonly min: number; readonly tie: number } {
    let [min, tie] = [windowsOnly ? never : (this.act(act).pin?.start ?? never), -1];
    for (const i of at(this.into, act)) {
      const one = at(this.problem.ties, i);
      if (windowsOnly && one.habit === true) continue;
      const closes = one.most ? this.#closes(this.#anchor(one), at(this.#laws, i).most) : never;
      const day = one.sameDay === true && !windowsOnly ? at(this.problem.days, this.openings.dayOf(at(this.start, one.from)) + 1) - 1 : never;
      const over = one.overBy ? at(this.#laws, i).overBy.most(this.#anchor(one)) - at(this.#slowest, act) : never;
      const first = Math.min(closes, day, over);
      if (first < min) [min, tie] = [first, i];
    }
    return { min, tie };
  }

  /** When a window closes, with some of it in reserve while that is kept. */
  #closes(anchor: number, law: Law): number {
    const closes = law.most(anchor);
    const { share, mostMin, fromMin } = this.problem.reserve;
    if (!this.reserved || closes === never || closes - anchor < fromMin) return closes;
    return closes - Math.floor(Math.min(mostMin, share * (closes - anchor)));
  }

  /** Whether one of a crew was at what it has to go on from. */
  goOn(act: number, people: readonly number[]): boolean {
    return at(this.into, act).every((i) => {
      const { goesOn, from } = at(this.problem.ties, i);
      return goesOn !== true || at(this.crew, from).some((p) => people.includes(p));
    });
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

  /** The first spot of an activity for a crew, from a moment on; nothing where it finds none. `why` it is not before that moment. */
  spot(act: number, people: readonly number[], minutes: number, from: number, why: Hold, until = never): Spot | undefined {
    this.stuck = undefined;
    const opening = this.openings.of(this.act(act), people);
    const { interrupt, clear } = this.act(act);
    const { grid } = this.problem;
    let [t, hold] = [from, why];
    let [before, after] = [0, 0];
    while (t <= until) {
      for (let n = 0, same = 0; same < people.length; n = (n + 1) % people.length) {
        const worker = at(people, n);
        const gap = Math.ceil(this.nextGap(worker, t, minutes) / grid) * grid;
        if (gap > t) [t, same, hold, before, after] = [gap, 0, { by: 'person', worker, act: this.lastUntil(worker, gap) }, 0, 0];
        same += 1;
      }
      const fit = opening.fit(t, { before, minutes, after, interrupt, clear: this.reserved ? clear : 0 }, grid);
      if (!fit) return this.#none({ by: 'hours' });
      if (fit.start > t) [t, hold] = [fit.start, fit.start - t >= Math.max(grid, before + 1) ? { by: 'hours' } : hold];
      let [mostBefore, mostAfter] = [0, 0];
      for (const p of people) {
        const n = this.needs(act, t, fit.end, people, p);
        [mostBefore, mostAfter] = [Math.max(mostBefore, n.before), Math.max(mostAfter, n.after)];
      }
      if (mostBefore > before || mostAfter > after) {
        [before, after] = [Math.max(before, mostBefore), Math.max(after, mostAfter)];
        continue;
      }
      const blocked = this.#blocked(act, t, fit.end, people);
      if (!blocked) return { start: t, end: fit.end, people, hold };
      if (blocked.until === never) {
        this.stuck = blocked.putOff;
        return this.#none(blocked.hold);
      }
      [t, hold] = [Math.max(t + grid, Math.ceil(blocked.until / grid) * grid), blocked.hold];
      [before, after] = [0, 0];
    }
    return this.#none(hold);
  }

  #none(hold: Hold): undefined {
    this.inTheWay = hold;
  }

  /** What is in the way of an activity at a time with a crew, besides its ties and hours. */
  #blocked(act: number, start: number, end: number, people: readonly number[]): Blocked | undefined {
    for (const p of people) {
      const busy = this.onLine(act, start, end, people, p) ?? this.#onPinned(act, start, end, people, p);
      if (busy) return busy;
    }
    return this.#onThings(act, start, end) ?? this.#onStands(act, start, end) ?? this.#onMarks(act, start, end);
  }

  /** Whether somebody is set by hand to be at something else then, which has not got its place yet. */
  #onPinned(act: number, start: number, end: number, people: readonly number[], worker: number): Blocked | undefined {
    const own = this.#pinned.filter((p) => p.act !== act && !this.isPlaced(p.act) && p.people.includes(worker));
    if (own.length === 0) return undefined;
    const { before, after } = this.needs(act, start, end, people, worker);
    const one = own.find(({ time }) => start - before < time.to && end + after > time.from);
    return one && { until: one.time.to + before, hold: { by: 'person', worker, act: one.act } };
  }

  /** Puts an activity where it was found to fit. */
  put(act: number, { start, end, people, hold }: Spot): void {
    this.putOnLines(act, start, end, people);
    this.holds[act] = hold;
    if (people.length > 0) {
      const day = this.openings.dayOf(start);
      this.worked.set(day, (this.worked.get(day) ?? 0) + 1);
    }
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

  /** Takes an activity off again. @returns activities that may need more before or after them than they did */
  take(act: number): readonly number[] {
    if (!this.isPlaced(act) || this.isDone(act)) return [];
    if (at(this.crew, act).length > 0) {
      const day = this.openings.dayOf(at(this.start, act));
      const left = (this.worked.get(day) ?? 1) - 1;
      if (left > 0) this.worked.set(day, left);
      else this.worked.delete(day);
    }
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
    this.holds[act] = undefined;
    return this.takeOffLines(act);
  }

  /** Of activities those that no longer stand as they have to. */
  broken(touched: Iterable<number>): readonly number[] {
    return [...new Set(touched)].filter((i) => this.isPlaced(i) && !this.stillStands(i));
  }

  /** What stands, in order of time. */
  placements(): readonly Placement[] {
    const all = this.problem.activities.flatMap((_a, act): Placement[] => {
      if (!this.isPlaced(act)) return [];
      const [start, end, people] = [at(this.start, act), at(this.end, act), at(this.crew, act)];
      const cover = people.length > 0 ? this.cover(act, start, this.openings.dayOf(start)) : 0;
      const before = people.map((p) => this.needs(act, start, end, people, p).before - (p === people[0] ? cover : 0));
      return [{ act, start, end, people, before, cover, away: this.awayOf(act) }];
    });
    return all.sort((a, b) => a.start - b.start || a.act - b.act);
  }
}
