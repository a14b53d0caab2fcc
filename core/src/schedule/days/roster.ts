import { Claims } from './claims.ts';
import type { Blocked, Hold, PutOff } from './lines.ts';
import { lawTable, never, type Law } from './laws.ts';
import { at, firstOf, type Placement, type Problem, type Stretch, type Tie } from './problem.ts';

/** Where an activity can stand, with whom, and why no sooner. */
export interface Spot {
  readonly start: number;
  readonly end: number;
  readonly people: readonly number[];
  readonly hold: Hold;
}

/** Who does what when, in the making: activities are put where ties, people, things, marks and hours let them, and taken off again. */
export class Roster extends Claims {
  readonly into: readonly (readonly number[])[];
  readonly holds: (Hold | undefined)[];
  readonly #laws: readonly { readonly least: Law; readonly most: Law; readonly overBy: Law }[];
  readonly #slowest: readonly number[];
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
    const { activities, ties, repairs } = problem;
    const law = lawTable();
    const climate = (act: number) => at(repairs, at(activities, act).repair).climate;
    const into = activities.map((): number[] => []);
    ties.forEach((t, i) => at(into, t.to).push(i));
    this.into = into;
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
      if (!blocked) return this.#sooner(act, people, minutes, from, why, { start: t, end: fit.end, people, hold: this.#lastBusy(hold, t) });
      if (blocked.until === never) {
        this.stuck = blocked.putOff;
        return this.#none(blocked.hold);
      }
      [t, hold] = [Math.max(t + grid, Math.ceil(blocked.until / grid) * grid), blocked.hold];
      [before, after] = [0, 0];
    }
    return this.#none(hold);
  }

  /** Who is waited for is waited for with what he does last before it: room was left for a set-up that is not needed right behind that. */
  #lastBusy(hold: Hold, start: number): Hold {
    if (hold.by !== 'person' || !this.isPlaced(hold.act)) return hold;
    const last = this.lastUntil(hold.worker, start);
    const end = at(this.end, last);
    return end <= start && end > at(this.end, hold.act) ? { ...hold, act: last } : hold;
  }

  /** Room was left for covering that somebody else does first: right behind that it may begin sooner. */
  #sooner(act: number, people: readonly number[], minutes: number, from: number, why: Hold, spot: Spot): Spot {
    const first = this.firstCovered(act, spot.start);
    if (first === undefined || first < from || first >= spot.start) return spot;
    return this.spot(act, people, minutes, first + this.problem.grid, why, spot.start - this.problem.grid) ?? spot;
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
    return this.onClaims(act, start, end);
  }

  /** What is in the way of a moment: something that lasts until then may not last so long. */
  atMoment(act: number, min: number): Blocked | undefined {
    return this.onClaims(act, min, min);
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
    this.claim(act, start, end);
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
    this.unclaim(act);
    this.holds[act] = undefined;
    return this.takeOffLines(act);
  }

  /** Of activities those that no longer stand as they have to. */
  broken(touched: Iterable<number>): readonly number[] {
    return [...new Set(touched)].filter((i) => this.isPlaced(i) && !this.isDone(i) && !this.stillStands(i));
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
