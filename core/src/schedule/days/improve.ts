import { Builder, type Taste, type Unplaced } from './build.ts';
import { never } from './laws.ts';
import { at, type Placement, type Problem } from './problem.ts';
import { Propagation } from './propagate.ts';
import { seededRandom } from './random.ts';
import type { Hold } from './lines.ts';

/** What days are made for. Late dates come first in all of them. */
export type Aim = 'finish' | 'visits' | 'date';

/** What a plan comes to. Times in min from the start of the job. */
export interface Score {
  readonly unplaced: number;
  /** min late, over all dates */
  readonly late: number;
  /** days on which anybody works */
  readonly visits: number;
  /** the end of the last work */
  readonly end: number;
  /** the smallest share of a window that is left, one where there is none */
  readonly slack: number;
  /** the ends of all repairs added up */
  readonly ends: number;
}

/** A plan as found, before it is told. */
export interface Found {
  readonly placements: readonly Placement[];
  readonly holds: readonly (Hold | undefined)[];
  /** by when each activity must have begun, in min; never where nothing closes */
  readonly closes: readonly number[];
  /** what each activity waits for by what comes before it alone, and until when */
  readonly ready: readonly { readonly min: number; readonly hold: Hold }[];
  readonly unplaced: readonly Unplaced[];
  readonly score: Score;
  readonly rounds: number;
}

/** How long one looks, and how it is followed. */
export interface Search {
  readonly aim: Aim;
  /** tries at something better; the same number gives the same plan everywhere */
  readonly rounds: number;
  readonly seed: number;
  /** told now and then how far it is, with what is best so far; false stops it there */
  readonly progress?: (done: number, best: Score) => boolean;
}

/** What counts, in its order. */
function ranks({ unplaced, late, visits, end, slack, ends }: Score, aim: Aim): readonly number[] {
  const first = [unplaced, late];
  if (aim === 'visits') return [...first, visits, end, ends];
  return aim === 'date' ? [...first, -slack, end, ends] : [...first, end, visits, ends];
}

/** Which of two plans is better: negative where the first is. */
export function compareScores(a: Score, b: Score, aim: Aim): number {
  const [one, two] = [ranks(a, aim), ranks(b, aim)];
  const i = one.findIndex((v, n) => v !== two[n]);
  return i < 0 ? 0 : at(one, i) - at(two, i);
}

/** What stood, to be put back. */
interface Kept {
  readonly act: number;
  readonly start: number;
  readonly end: number;
  readonly people: readonly number[];
  readonly hold: Hold;
}

class Improver {
  readonly #problem: Problem;
  readonly #builder: Builder;
  readonly #search: Search;
  readonly #random: () => number;
  readonly #unplaced = new Map<number, Unplaced>();
  /** how long the rest of a repair takes at least, to begin with what is long */
  readonly #tail: readonly number[];
  readonly #acts: readonly (readonly number[])[];

  constructor(problem: Problem, search: Search) {
    this.#problem = problem;
    this.#search = search;
    this.#builder = new Builder(problem);
    this.#random = seededRandom(search.seed);
    const { earliestEnd } = new Propagation(problem).times;
    this.#acts = problem.repairs.map((_r, r) => problem.activities.flatMap((a, i) => (a.repair === r ? [i] : [])));
    this.#tail = this.#acts.map((acts) => Math.max(0, ...acts.filter((i) => at(problem.activities, i).ways.length > 0).map((i) => at(earliestEnd, i))));
  }

  score(): Score {
    const { roster } = this.#builder;
    const { repairs } = this.#problem;
    let [late, end, ends] = [0, 0, 0];
    this.#acts.forEach((acts, r) => {
      let last = 0;
      for (const i of acts) if (at(roster.crew, i).length > 0) last = Math.max(last, at(roster.end, i));
      late += Math.max(0, last - (at(repairs, r).due ?? never));
      end = Math.max(end, last);
      ends += last;
    });
    return { unplaced: this.#unplaced.size, late, visits: roster.worked.size, end, slack: this.#search.aim === 'date' ? this.#slack() : 1, ends };
  }

  /** The smallest share of a window that is left. */
  #slack(): number {
    const { roster } = this.#builder;
    let least = 1;
    this.#problem.activities.forEach((_a, i) => {
      if (!roster.isPlaced(i)) return;
      const { min, tie } = roster.latest(i);
      const one = this.#problem.ties[tie];
      if (!one?.most) return;
      const from = at(one.after === 'start' ? roster.start : roster.end, one.from);
      if (min > from) least = Math.min(least, (min - at(roster.start, i)) / (min - from));
    });
    return Math.round(least * 100) / 100;
  }

  #fill(repairs: readonly number[], taste: Taste): void {
    for (const r of repairs) {
      const missing = this.#builder.repair(r, taste);
      if (missing) this.#unplaced.set(r, missing);
      else this.#unplaced.delete(r);
    }
  }

  #taste(): Taste {
    return { perPersonMin: at([0, 0, 0.25, 0.5, 1], Math.floor(this.#random() * 5)) };
  }

  #shuffled(list: readonly number[]): number[] {
    const out = [...list];
    for (let i = out.length - 1; i > 0; i--) {
      const n = Math.floor(this.#random() * (i + 1));
      [out[i], out[n]] = [at(out, n), at(out, i)];
    }
    return out;
  }

  /** An order to begin with: dates first, then what takes longest, with some of it by chance. */
  #order(list: readonly number[], chance: number): number[] {
    const { repairs } = this.#problem;
    const key = new Map(list.map((r) => [r, at(this.#tail, r) * (1 + chance * (this.#random() - 0.5))]));
    return [...list].sort((a, b) => (at(repairs, a).due ?? never) - (at(repairs, b).due ?? never) || (key.get(b) ?? 0) - (key.get(a) ?? 0) || a - b);
  }

  /** Begins with a few whole plans, and keeps the best. */
  begin(): Score {
    const all = this.#problem.repairs.map((_r, i) => i);
    let best: { readonly kept: readonly Kept[]; readonly score: Score; readonly unplaced: readonly Unplaced[] } | undefined;
    const tries: readonly (readonly [order: readonly number[], taste: Taste])[] = [
      [this.#order(all, 0), { perPersonMin: 0 }],
      [this.#order(all, 0), { perPersonMin: 0.5 }],
      [all, { perPersonMin: 0.25 }],
    ];
    for (const [order, taste] of tries) {
      this.#builder.takeOff(all);
      this.#unplaced.clear();
      this.#fill(order, taste);
      const score = this.score();
      if (!best || compareScores(score, best.score, this.#search.aim) < 0) best = { kept: this.keep(all), score, unplaced: [...this.#unplaced.values()] };
      // a large job has its first plan at once
      if (this.#problem.activities.length > 1500) break;
    }
    if (!best) throw new Error('there is nothing to plan');
    this.#builder.takeOff(all);
    this.putBack(best.kept);
    this.#unplaced.clear();
    for (const one of best.unplaced) this.#unplaced.set(one.repair, one);
    return best.score;
  }

  keep(repairs: readonly number[]): Kept[] {
    const { roster } = this.#builder;
    return repairs.flatMap((r) =>
      at(this.#acts, r).flatMap((act): Kept[] =>
        roster.isPlaced(act)
          ? [{ act, start: at(roster.start, act), end: at(roster.end, act), people: at(roster.crew, act), hold: at(roster.holds, act) ?? { by: 'start' } }]
          : [],
      ),
    );
  }

  putBack(kept: readonly Kept[]): void {
    for (const one of kept) this.#builder.roster.put(one.act, one);
  }

  /** Which repairs are taken off: some by chance, some of a place, some that end last, or what is worked on a day. */
  #ruin(): { readonly repairs: readonly number[]; readonly shut: readonly number[] } {
    const { roster } = this.#builder;
    const { repairs } = this.#problem;
    const all = repairs.map((_r, i) => i);
    const count = Math.min(all.length, 1 + Math.floor(this.#random() * Math.min(7, all.length)));
    const which = this.#random();
    if (this.#search.aim === 'visits' && which < 0.5) {
      const days = [...roster.worked.keys()];
      const day = at(days, Math.floor(this.#random() * days.length));
      const on = all.filter((r) => at(this.#acts, r).some((i) => at(roster.crew, i).length > 0 && roster.openings.dayOf(at(roster.start, i)) === day));
      return { repairs: on, shut: [day] };
    }
    if (which < 0.3) return { repairs: this.#shuffled(all).slice(0, count), shut: [] };
    const ends = (r: number) => Math.max(0, ...at(this.#acts, r).filter((i) => at(roster.crew, i).length > 0).map((i) => at(roster.end, i)));
    if (which < 0.7) {
      // what ends last, and others by chance: it is in somebody's way
      const last = [...all].sort((a, b) => ends(b) - ends(a)).slice(0, 3);
      const first = at(last, Math.floor(this.#random() * last.length));
      return { repairs: [...new Set([first, ...this.#shuffled(all)])].slice(0, count + 1), shut: [] };
    }
    const { place } = at(repairs, Math.floor(this.#random() * all.length));
    return { repairs: this.#shuffled(all.filter((r) => at(repairs, r).place === place)).slice(0, count + 1), shut: [] };
  }

  /** One try at something better. @returns its score where it is taken */
  round(now: Score): Score | undefined {
    const { repairs, shut } = this.#ruin();
    const unplacedBefore = new Map(this.#unplaced);
    const before = new Map<number, readonly Kept[]>();
    this.#problem.repairs.forEach((_r, r) => before.set(r, this.keep([r])));
    const taken = this.#builder.takeOff([...new Set([...repairs, ...this.#unplaced.keys()])]);
    this.#builder.roster.openings.shutDays(shut);
    const chance = this.#random();
    this.#fill(chance < 0.5 ? this.#order(taken, 0.6) : this.#shuffled(taken), this.#taste());
    if (shut.length > 0) this.#builder.roster.openings.shutDays([]);
    const score = this.score();
    if (compareScores(score, now, this.#search.aim) <= 0) return score;
    for (const r of taken) this.#builder.takeRepair(r);
    this.putBack(taken.flatMap((r) => before.get(r) ?? []));
    this.#unplaced.clear();
    for (const [r, one] of unplacedBefore) this.#unplaced.set(r, one);
    return undefined;
  }

  #closes(): number[] {
    const { roster } = this.#builder;
    roster.reserved = false;
    const closes = this.#problem.activities.map((_a, i) => (roster.isPlaced(i) ? roster.latest(i, true).min : never));
    roster.reserved = true;
    return closes;
  }

  found(score: Score, rounds: number): Found {
    const { roster } = this.#builder;
    return { placements: roster.placements(), holds: [...roster.holds], closes: this.#closes(), ready: this.#problem.activities.map((_a, i) => (roster.isPlaced(i) ? roster.earliest(i) : { min: 0, hold: { by: 'start' } })), unplaced: [...this.#unplaced.values()], score, rounds };
  }
}

/**
 * Days for a problem: built whole group by whole group, then some repairs taken off and put back, many times, from a seed.
 * The budget is in rounds, so that the same input gives the same plan on every machine.
 */
export function findDays(problem: Problem, search: Search): Found {
  const improver = new Improver(problem, search);
  let score = improver.begin();
  let rounds = 0;
  for (; rounds < search.rounds; rounds++) {
    if (rounds % 16 === 0 && search.progress?.(rounds / search.rounds, score) === false) break;
    score = improver.round(score) ?? score;
  }
  return improver.found(score, rounds);
}
