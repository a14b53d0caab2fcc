import { Openings } from './fitting.ts';
import { lawTable, type Law } from './laws.ts';
import { at, type Activity, type Point, type Problem } from './problem.ts';

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
export class OnHand {
  readonly problem: Problem;
  readonly openings: Openings;
  readonly start: number[];
  readonly end: number[];
  readonly crew: (readonly number[])[];
  protected readonly day: number[];
  /** of each worker his activities, in order */
  protected readonly lines: number[][];
  /** covered activities of a place and day */
  protected readonly covered = new Map<number, number[]>();
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
    this.day = activities.map(() => -1);
    this.lines = workers.map(() => []);
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
    return at(this.lines, worker);
  }

  /** Where in a line an activity that begins at a moment goes: before what begins no sooner. */
  protected index(line: readonly number[], start: number): number {
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
    return this.isPlaced(act) ? line.indexOf(act) : this.index(line, start);
  }

  protected minutes(act: number, people: number): number {
    return this.act(act).ways.find((w) => w.people === people)?.minutes ?? 0;
  }

  /** Min of getting there, set-up and mixing directly before an activity that begins on a day, behind others on a line, the nearest last. */
  protected needed(act: number, start: number, day: number, crew: readonly number[], before: readonly number[], until: number): number {
    const { setUp, run } = this.act(act);
    const { walkMin } = this.problem;
    const last = before[until - 1];
    let need = walkMin > 0 && last !== undefined && at(this.day, last) === day && this.placeOf(last) !== this.placeOf(act) ? walkMin : 0;
    if (setUp) {
      // the same work before it, the same day: nothing is set up again
      if (last === undefined || this.act(last).setUp?.key !== setUp.key || at(this.day, last) !== day) need += setUp.minutes;
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
      if (other?.key !== run.key || at(this.day, one) !== day || people.length !== crew.length || people.some((p, i) => p !== crew[i])) break;
      // it comes out of the batch that all of these came out of, or not at all
      if (amount + other.amount > run.most + 1e-9) return false;
      amount += other.amount;
      mixed = at(this.start, one);
      // the batch of an earlier one is its own where that does not join what lies before it
      if (!this.#joins(one, mixed, day, people, before, n)) break;
    }
    if (mixed === undefined) return false;
    return !run.within || start + this.minutes(act, crew.length) <= this.pointLaw({ act, at: 'start', later: run.within }).most(mixed);
  }

  #sameDay(act: number, day: number): readonly number[] {
    return this.covered.get(this.placeOf(act) * 10_000 + day) ?? [];
  }

  /** Min of covering before an activity: it is the first of its place and day. */
  cover(act: number, start: number, day: number): number {
    if (!this.act(act).covered) return 0;
    const { cover } = at(this.problem.places, this.placeOf(act));
    if (cover === 0) return 0;
    return this.#sameDay(act, day).some((o) => o !== act && (at(this.start, o) < start || (at(this.start, o) === start && o < act))) ? 0 : cover;
  }

  /** When the first covered thing of a place begins on the day of a moment, besides an activity; nothing where there is none. */
  protected firstCovered(act: number, min: number): number | undefined {
    const others =
      this.act(act).covered && at(this.problem.places, this.placeOf(act)).cover > 0
        ? this.#sameDay(act, this.openings.dayOf(min)).filter((o) => o !== act)
        : [];
    return others.length > 0 ? Math.min(...others.map((o) => at(this.start, o))) : undefined;
  }

  /** Min of clearing away after an activity: it is the last to end of its place and day. */
  #away(act: number, end: number, day: number): number {
    if (!this.act(act).covered) return 0;
    const { away } = at(this.problem.places, this.placeOf(act));
    if (away === 0) return 0;
    return this.#sameDay(act, day).some((o) => o !== act && (at(this.end, o) > end || (at(this.end, o) === end && o > act))) ? 0 : away;
  }

  awayOf(act: number): number {
    return at(this.crew, act).length > 0 ? this.#away(act, at(this.end, act), at(this.day, act)) : 0;
  }

  /** What one of a crew needs before an activity at a moment, and after it. */
  needs(act: number, start: number, end: number, crew: readonly number[], worker: number): Needs {
    const { setUp, run, covered } = this.act(act);
    const first = worker === crew[0];
    if (!setUp && !run && !(covered && first) && this.problem.walkMin === 0) return noMore;
    const line = at(this.lines, worker);
    const day = this.openings.dayOf(start);
    const before = this.needed(act, start, day, crew, line, this.#place(line, act, start));
    return first ? { before: before + this.cover(act, start, day), after: this.#away(act, end, day) } : { before, after: 0 };
  }
}
