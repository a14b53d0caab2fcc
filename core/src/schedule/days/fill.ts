import { Builder, type Taste, type Unplaced } from './build.ts';
import { never } from './laws.ts';
import { at, type Problem } from './problem.ts';
import { Propagation } from './propagate.ts';
import { seededRandom } from './random.ts';

/** Puts repairs onto a roster, each time in another order, by another taste, some of them later than they could. */
export class Filler {
  protected readonly problem: Problem;
  protected readonly builder: Builder;
  protected readonly random: () => number;
  protected readonly unplaced = new Map<number, Unplaced>();
  /** how long the rest of a repair takes at least, to begin with what is long */
  readonly #tail: readonly number[];
  /** when each activity would have to begin for an early end: what comes first in a list */
  readonly #latest: readonly number[];
  protected readonly acts: readonly (readonly number[])[];
  /** repairs of which something is set by hand, or has a window that runs already */
  readonly #pinned: ReadonlySet<number>;

  constructor(problem: Problem, seed: number) {
    this.problem = problem;
    this.builder = new Builder(problem);
    this.random = seededRandom(seed);
    // a window that runs from what is done closes whether there is room for it or not
    const runs = problem.ties.flatMap(({ from, to, most, overBy, sameDay }) => {
      const [a, b] = [at(problem.activities, from), at(problem.activities, to)];
      return a.done && !b.done && (most ?? overBy ?? sameDay) ? [a.repair] : [];
    });
    this.#pinned = new Set([...problem.activities.flatMap((a) => (a.pin ? [a.repair] : [])), ...runs]);
    const { earliestEnd } = new Propagation(problem).times;
    this.acts = problem.repairs.map((_r, r) => problem.activities.flatMap((a, i) => (a.repair === r ? [i] : [])));
    this.#latest = this.#latestStarts();
    this.#tail = this.acts.map((acts) => Math.max(0, ...acts.filter((i) => at(problem.activities, i).ways.length > 0).map((i) => at(earliestEnd, i))));
  }

  /** What is set by hand, or has begun to run, gets its place before others take it. */
  #pinnedFirst(repairs: readonly number[]): readonly number[] {
    if (this.#pinned.size === 0) return repairs;
    return [...repairs.filter((r) => this.#pinned.has(r)), ...repairs.filter((r) => !this.#pinned.has(r))];
  }

  /** Latest starts for an end that the longest way alone would have. */
  #latestStarts(): readonly number[] {
    const p = new Propagation(this.problem);
    const ends = this.problem.activities.map((a, i) => (a.ways.length > 0 ? at(p.times.earliestEnd, i) : 0)).filter((e) => e !== never);
    return p.latestEnds(Math.max(0, ...ends)).map((e, i) => (e === never ? Math.max(0, ...ends) : e) - at(p.shortest, i));
  }

  /** Group by group of these repairs, what would have to begin first going first; with some of it by chance. */
  protected byLatest(repairs: readonly number[], taste: Taste, chance: number): void {
    for (const r of repairs) this.unplaced.delete(r);
    const { groups } = this.builder;
    const noise = new Map(repairs.map((r) => [r, (this.random() - 0.5) * chance]));
    const next = (open: readonly number[], done: (r: number) => number) => {
      let [best, first] = [open[0] ?? 0, never];
      for (const r of open) {
        const act = at(groups, r)[done(r)]?.[0];
        const due = at(this.problem.repairs, r).due;
        const value = (act === undefined ? 0 : at(this.#latest, act)) + (noise.get(r) ?? 0) - (due === undefined ? 0 : 1e5) - (this.#pinned.has(r) ? 1e6 : 0);
        if (value < first) [best, first] = [r, value];
      }
      return best;
    };
    for (const one of this.builder.together(repairs, taste, next)) this.unplaced.set(one.repair, one);
  }

  protected fill(repairs: readonly number[], taste: Taste, delays?: ReadonlyMap<number, number>): void {
    for (const r of this.#pinnedFirst(repairs)) {
      const missing = this.builder.repair(r, taste, delays);
      if (missing) this.unplaced.set(r, missing);
      else this.unplaced.delete(r);
    }
  }

  /** Puts repairs in one way or another: whole ones in an order, some of them later than they could, or group by group of all of them. */
  protected recreate(repairs: readonly number[]): void {
    const way = this.random();
    if (way < 0.25) return this.byLatest(repairs, this.#taste(), this.random() * 2000);
    if (way < 0.4) return this.fill(this.order(repairs, 0.6), this.#taste());
    if (way < 0.65) return this.fill(this.shuffled(repairs), this.#taste(), this.#delays(repairs));
    for (const r of repairs) this.unplaced.delete(r);
    const key = new Map(repairs.map((r) => [r, this.random()]));
    const steady = this.random() < 0.5;
    const next = (all: readonly number[]) => {
      const pinned = all.filter((r) => this.#pinned.has(r));
      const open = pinned.length > 0 ? pinned : all;
      return steady
        ? open.reduce((a, b) => ((key.get(b) ?? 0) * this.random() < (key.get(a) ?? 0) * this.random() ? b : a))
        : at(open, Math.floor(this.random() * open.length));
    };
    for (const one of this.builder.together(repairs, this.#taste(), next)) this.unplaced.set(one.repair, one);
  }

  /** Activities that are kept back: until the next day, or until something else is over. */
  #delays(repairs: readonly number[]): ReadonlyMap<number, number> {
    const { roster } = this.builder;
    const out = new Map<number, number>();
    const count = Math.floor(this.random() * 3);
    for (let i = 0; i < count; i++) {
      const acts = at(this.acts, at(repairs, Math.floor(this.random() * repairs.length)));
      const act = at(acts, Math.floor(this.random() * acts.length));
      const other = Math.floor(this.random() * this.problem.activities.length);
      const min = roster.isPlaced(other)
        ? this.random() < 0.3
          ? at(this.problem.days, Math.min(this.problem.days.length - 1, roster.openings.dayOf(at(roster.end, other)) + 1))
          : at(roster.end, other)
        : 0;
      if (min > 0) out.set(act, min);
    }
    return out;
  }

  #taste(): Taste {
    const perPersonMin = at([0, 0, 0.25, 0.5, 1], Math.floor(this.random() * 5));
    // who can do what others cannot is rather left free; by how much, and who else, is left to chance
    const much = at([0.01, 0.5, 10, 60], Math.floor(this.random() * 4));
    return { perPersonMin, bias: this.problem.workers.map((w) => (w.skills?.length ?? 0) * 0.01 + this.random() * much) };
  }

  protected shuffled(list: readonly number[]): number[] {
    const out = [...list];
    for (let i = out.length - 1; i > 0; i--) {
      const n = Math.floor(this.random() * (i + 1));
      [out[i], out[n]] = [at(out, n), at(out, i)];
    }
    return out;
  }

  /** An order to begin with: dates first, then what takes longest, with some of it by chance. */
  protected order(list: readonly number[], chance: number): number[] {
    const { repairs } = this.problem;
    const key = new Map(list.map((r) => [r, at(this.#tail, r) * (1 + chance * (this.random() - 0.5))]));
    return [...list].sort((a, b) => (at(repairs, a).due ?? never) - (at(repairs, b).due ?? never) || (key.get(b) ?? 0) - (key.get(a) ?? 0) || a - b);
  }
}
