import type { ThingId } from '../../method/things.ts';
import { Openings } from './fitting.ts';
import { lawTable, type Law } from './laws.ts';
import { at, type Activity, type Point, type Problem } from './problem.ts';

/** What keeps an activity from beginning sooner. */
export type Hold =
  | { readonly by: 'start' }
  | { readonly by: 'asked' }
  | { readonly by: 'tie'; readonly tie: number }
  /** put off, so that what follows it within a window, or the same day, is in time */
  | { readonly by: 'window'; readonly tie: number }
  | { readonly by: 'person'; readonly worker: number; readonly act: number }
  | { readonly by: 'thing'; readonly thing: ThingId; readonly act: number }
  | { readonly by: 'mark'; readonly mark: number; readonly other: number }
  | { readonly by: 'hours' };

/** An activity that has to begin later, for another to find a place. */
export interface PutOff {
  readonly act: number;
  readonly min: number;
}

/** Until when something is in the way; forever where only another activity, which stands already, can make room by beginning later. */
export interface Blocked {
  readonly until: number;
  readonly hold: Hold;
  readonly putOff?: PutOff;
}

/** Min that somebody needs directly before an activity, and after it. */
export interface Needs {
  readonly before: number;
  readonly after: number;
}

const noMore: Needs = { before: 0, after: 0 };

/**
 * The lines of people: what each does, one after the other. What set-up, mixing and covering an activity needs follows from what lies
 * before it, and is worked out anew whenever that changes.
 */
export class Lines {
  readonly problem: Problem;
  readonly openings: Openings;
  readonly start: number[];
  readonly end: number[];
  readonly crew: (readonly number[])[];
  readonly #day: number[];
  /** of each worker his activities, in order */
  readonly #lines: number[][];
  /** covered activities of a place and day */
  readonly #covered = new Map<number, number[]>();
  protected readonly pointLaw: (p: Point) => Law;

  constructor(problem: Problem) {
    const { activities, repairs, workers } = problem;
    this.problem = problem;
    this.openings = new Openings(problem);
    const law = lawTable();
    this.pointLaw = (p) => law(p.later, at(repairs, at(activities, p.act).repair).climate);
    this.start = activities.map(() => -1);
    this.end = activities.map(() => -1);
    this.crew = activities.map(() => []);
    this.#day = activities.map(() => -1);
    this.#lines = workers.map(() => []);
  }

  act(i: number): Activity {
    return at(this.problem.activities, i);
  }

  placeOf(i: number): number {
    return at(this.problem.repairs, this.act(i).repair).place;
  }

  isPlaced(act: number): boolean {
    return at(this.start, act) >= 0;
  }

  line(worker: number): readonly number[] {
    return at(this.#lines, worker);
  }

  /** Where in a line an activity that begins at a moment goes: before what begins no sooner. */
  #index(line: readonly number[], start: number): number {
    let [low, high] = [0, line.length];
    while (low < high) {
      const mid = (low + high) >> 1;
      if (at(this.start, at(line, mid)) < start) low = mid + 1;
      else high = mid;
    }
    return low;
  }

  /** Where in a line an activity stands, or would. */
  #place(line: readonly number[], act: number, start: number): number {
    return this.isPlaced(act) ? line.indexOf(act) : this.#index(line, start);
  }

  #minutes(act: number, people: number): number {
    return this.act(act).ways.find((w) => w.people === people)?.minutes ?? 0;
  }

  /** Min of getting there, set-up and mixing directly before an activity that begins on a day, behind others on a line, the nearest last. */
  #needed(act: number, start: number, day: number, crew: readonly number[], before: readonly number[], until: number): number {
    const { setUp, run } = this.act(act);
    const { walkMin } = this.problem;
    const last = before[until - 1];
    let need = walkMin > 0 && last !== undefined && at(this.#day, last) === day && this.placeOf(last) !== this.placeOf(act) ? walkMin : 0;
    if (setUp) {
      // the same work before it, the same day: nothing is set up again
      if (last === undefined || this.act(last).setUp?.key !== setUp.key || at(this.#day, last) !== day) need += setUp.minutes;
    }
    if (run && !this.#joins(act, start, day, crew, before, until)) need += run.minutes;
    return need;
  }

  /** Whether an activity is served by the batch of those before it. */
  #joins(act: number, start: number, day: number, crew: readonly number[], before: readonly number[], until: number): boolean {
    const { run } = this.act(act);
    if (!run) return false;
    let amount = run.amount;
    let mixed: number | undefined;
    for (let n = until - 1; n >= 0; n--) {
      const one = at(before, n);
      const other = this.act(one).run;
      const people = at(this.crew, one);
      if (other?.key !== run.key || at(this.#day, one) !== day || people.length !== crew.length || people.some((p, i) => p !== crew[i])) break;
      if (amount + other.amount > run.most + 1e-9) break;
      amount += other.amount;
      mixed = at(this.start, one);
      // the batch of an earlier one is its own where that does not join what lies before it
      if (!this.#joins(one, mixed, day, people, before, n)) break;
    }
    if (mixed === undefined) return false;
    return !run.within || start + this.#minutes(act, crew.length) <= this.pointLaw({ act, at: 'start', later: run.within }).most(mixed);
  }

  #sameDay(act: number, day: number): readonly number[] {
    return this.#covered.get(this.placeOf(act) * 10_000 + day) ?? [];
  }

  /** Min of covering before an activity: it is the first of its place and day. */
  cover(act: number, start: number, day: number): number {
    if (!this.act(act).covered) return 0;
    const { cover } = at(this.problem.places, this.placeOf(act));
    if (cover === 0) return 0;
    return this.#sameDay(act, day).some((o) => o !== act && (at(this.start, o) < start || (at(this.start, o) === start && o < act))) ? 0 : cover;
  }

  /** Min of clearing away after an activity: it is the last to end of its place and day. */
  #away(act: number, end: number, day: number): number {
    if (!this.act(act).covered) return 0;
    const { away } = at(this.problem.places, this.placeOf(act));
    if (away === 0) return 0;
    return this.#sameDay(act, day).some((o) => o !== act && (at(this.end, o) > end || (at(this.end, o) === end && o > act))) ? 0 : away;
  }

  awayOf(act: number): number {
    return at(this.crew, act).length > 0 ? this.#away(act, at(this.end, act), at(this.#day, act)) : 0;
  }

  /** What one of a crew needs before an activity at a moment, and after it. */
  needs(act: number, start: number, end: number, crew: readonly number[], worker: number): Needs {
    const { setUp, run, covered } = this.act(act);
    const first = worker === crew[0];
    if (!setUp && !run && !(covered && first) && this.problem.walkMin === 0) return noMore;
    const line = at(this.#lines, worker);
    const day = this.openings.dayOf(start);
    const before = this.#needed(act, start, day, crew, line, this.#place(line, act, start));
    return first ? { before: before + this.cover(act, start, day), after: this.#away(act, end, day) } : { before, after: 0 };
  }

  /** The first moment from one on at which somebody has nothing to do for so long, set-up apart. */
  protected nextGap(worker: number, from: number, minutes: number): number {
    const line = at(this.#lines, worker);
    let i = this.#index(line, from);
    let free = Math.max(from, i > 0 ? at(this.end, at(line, i - 1)) : 0);
    for (; i < line.length; i++) {
      const next = at(line, i);
      if (at(this.start, next) - free >= minutes) break;
      free = Math.max(free, at(this.end, next));
    }
    return free;
  }

  /** What somebody did last before a moment. */
  protected lastUntil(worker: number, min: number): number {
    const line = at(this.#lines, worker);
    return at(line, Math.max(0, this.#index(line, min) - 1));
  }

  /** Whether an activity goes onto the line of one of its crew; else until when it does not. */
  protected onLine(act: number, start: number, end: number, crew: readonly number[], worker: number): Blocked | undefined {
    const line = at(this.#lines, worker);
    const i = this.#index(line, start);
    const { before, after } = this.needs(act, start, end, crew, worker);
    const last = line[i - 1];
    if (last !== undefined) {
      const free = at(this.end, last) + (worker === at(this.crew, last)[0] ? this.awayOf(last) : 0) + before;
      if (free > start) return { until: free, hold: { by: 'person', worker, act: last } };
    }
    return this.#behind(act, start, end + after, crew, line, i, worker);
  }

  /** Whether those after it have room for the set-up, or the batch, that they need once it stands before them. */
  #behind(act: number, start: number, from: number, people: readonly number[], line: readonly number[], i: number, worker: number): Blocked | undefined {
    const next = line[i];
    if (next === undefined) return undefined;
    const day = this.openings.dayOf(start);
    const blocked = (o: number): Blocked => ({ until: at(this.end, o) + 1, hold: { by: 'person', worker, act: o } });
    // what the next one would need is asked of it as if this one stood
    if (from > at(this.start, next)) return blocked(next);
    const [wasStart, wasDay, wasCrew] = [at(this.start, act), at(this.#day, act), at(this.crew, act)];
    const with_ = [...line.slice(Math.max(0, i - 12), i), act];
    [this.start[act], this.#day[act], this.crew[act]] = [start, day, people];
    let free = from;
    let found: Blocked | undefined;
    for (let n = i; n < line.length; n++) {
      const one = at(line, n);
      const crew = at(this.crew, one);
      const oneDay = at(this.#day, one);
      const oneStart = at(this.start, one);
      const stillFirst = !(this.act(act).covered && this.placeOf(act) === this.placeOf(one) && day === oneDay && start <= oneStart);
      const cover = worker === crew[0] && stillFirst ? this.cover(one, oneStart, oneDay) : 0;
      if (free + this.#needed(one, oneStart, oneDay, crew, with_, with_.length) + cover > oneStart) {
        found = blocked(one);
        break;
      }
      if (this.act(one).run === undefined) break;
      with_.push(one);
      free = at(this.end, one);
    }
    [this.start[act], this.#day[act], this.crew[act]] = [wasStart, wasDay, wasCrew];
    return found;
  }

  protected putOnLines(act: number, start: number, end: number, people: readonly number[]): void {
    for (const p of people) {
      const line = at(this.#lines, p);
      line.splice(this.#index(line, start), 0, act);
    }
    const day = this.openings.dayOf(start);
    [this.start[act], this.end[act], this.crew[act], this.#day[act]] = [start, end, people, day];
    if (people.length === 0 || !this.act(act).covered) return;
    const key = this.placeOf(act) * 10_000 + day;
    const list = this.#covered.get(key);
    if (list) list.push(act);
    else this.#covered.set(key, [act]);
  }

  /** @returns activities that may need more before or after them than they did */
  protected takeOffLines(act: number): readonly number[] {
    const touched: number[] = [];
    for (const p of at(this.crew, act)) {
      const line = at(this.#lines, p);
      const i = line.indexOf(act);
      line.splice(i, 1);
      // behind a batch that others shared more than the next may be touched
      for (let n = i; n < line.length && n < i + (this.act(act).run ? 12 : 1); n++) touched.push(at(line, n));
    }
    const list = this.#covered.get(this.placeOf(act) * 10_000 + at(this.#day, act));
    if (list?.includes(act) === true) {
      list.splice(list.indexOf(act), 1);
      touched.push(...list);
    }
    [this.start[act], this.end[act], this.crew[act], this.#day[act]] = [-1, -1, [], -1];
    return touched;
  }

  /** Whether an activity still stands as it has to, once others were taken off: what it needs before it may have grown. */
  protected stillStands(act: number): boolean {
    const people = at(this.crew, act);
    if (people.length === 0) return true;
    const [start, end] = [at(this.start, act), at(this.end, act)];
    const needs = people.map((p) => this.needs(act, start, end, people, p));
    const wanted = { before: Math.max(...needs.map((n) => n.before)), after: Math.max(...needs.map((n) => n.after)), interrupt: this.act(act).interrupt, clear: this.act(act).clear };
    const fit = this.openings.of(this.act(act), people).fit(start, { ...wanted, minutes: this.#minutes(act, people.length) }, this.problem.grid);
    if (fit?.start !== start) return false;
    return people.every((p, n) => {
      const line = at(this.#lines, p);
      const i = line.indexOf(act);
      const [last, next] = [line[i - 1], line[i + 1]];
      const free = last === undefined ? 0 : at(this.end, last) + (p === at(this.crew, last)[0] ? this.awayOf(last) : 0);
      if (free + (needs[n]?.before ?? 0) > start) return false;
      if (next === undefined) return true;
      const nextCrew = at(this.crew, next);
      return end + (needs[n]?.after ?? 0) + this.needs(next, at(this.start, next), at(this.end, next), nextCrew, p).before <= at(this.start, next);
    });
  }
}

