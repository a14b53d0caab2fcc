import { DaysSearch, type Found } from '../schedule/days/improve.ts';
import type { Problem } from '../schedule/days/problem.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';
import type { Aim, Score } from '../schedule/days/score.ts';
import { ratesOf } from '../shelf/rates.ts';
import { tellDays } from './daysPlan.ts';
import type { DaysPlan } from './daysTold.ts';
import type { JobDays } from './jobDays.ts';
import type { PlannedWork } from './plannedWork.ts';
import { daysOf, type DaysInput } from './daysInput.ts';
import { waysOut, type WayOut } from './waysOut.ts';

/** How days are asked for. */
export interface DaysAsked {
  readonly aim: Aim;
  readonly seed: number;
  /** as usual for so many steps where absent */
  readonly rounds?: number;
  /** told what is being done and how far it is; false stops it with the best so far */
  readonly progress?: (what: 'search' | 'ways', done: number, best: Score) => boolean;
}

export interface DaysMade {
  /** what they were made by */
  readonly setup: DaysSetup;
  readonly problem: Problem;
  /** of its repairs, in their order */
  readonly works: readonly PlannedWork[];
  readonly found: Found;
  readonly plan: DaysPlan;
  readonly ways: readonly WayOut[];
}

/** How many tries a search has: as many as a few seconds hold, over so many steps. */
export const usualRounds = (steps: number): number => Math.round(Math.min(1500, Math.max(80, 30_000 / Math.max(1, steps))));

/** Of the tries of a plan those that each way out gets. */
const shareOfWay = 0.2;
/** Runs through the days to come, and how much warmer or colder than expected these may be, in K: our own judgement. */
const futureRuns = 500;
const climateK = 3;

/** Days that are found, told, with their chances. */
export function toldDays({ rules, setup }: Pick<DaysInput, 'rules' | 'setup'>, { problem, works, leftOut }: JobDays, found: Found, seed: number): DaysMade {
  const { quickest, slowest } = ratesOf(rules?.rates);
  const spread = { quickest: quickest.value, slowest: slowest.value, climateK };
  return { setup, problem, works, found, plan: tellDays(problem, found, leftOut, { future: { runs: futureRuns, seed, spread } }), ways: [] };
}

/** Days in the making: found a few tries at a time, told as far as they are, and then the ways out. */
export class DaysMaking {
  readonly #input: DaysInput;
  readonly #asked: DaysAsked;
  readonly #days: JobDays;
  readonly #rounds: number;
  readonly #search: DaysSearch;

  constructor(input: DaysInput, asked: DaysAsked) {
    this.#input = input;
    this.#asked = asked;
    this.#days = daysOf(input);
    const { aim, seed, rounds } = asked;
    this.#rounds = rounds ?? usualRounds(this.#days.problem.activities.length);
    this.#search = new DaysSearch(this.#days.problem, { aim, seed, rounds: this.#rounds });
  }

  get done(): number {
    return this.#search.done;
  }

  get best(): Score {
    return this.#search.best;
  }

  advance(count: number): boolean {
    return this.#search.advance(count);
  }

  /** The days as far as they are found, without ways out. */
  made(): DaysMade {
    return toldDays(this.#input, this.#days, this.#search.found(), this.#asked.seed);
  }

  /** The same days with the ways out that were tried. */
  withWays(made: DaysMade): DaysMade {
    const { aim, seed, progress } = this.#asked;
    if (made.problem.repairs.length === 0) return made;
    const rounds = Math.round(this.#rounds * shareOfWay);
    const ways = waysOut(this.#input, made.problem, made.found, {
      aim,
      rounds,
      seed,
      ...(progress && { progress: (done, best) => progress('ways', done, best) }),
    });
    return { ...made, ways };
  }
}

/**
 * The days of a job: found, told, and the ways out that were tried. The same input, seed and rounds give the same days everywhere.
 *
 * @example
 * makeDays({ job, plans: planJob(job, rules), rules, setup: {} }, { aim: 'finish', seed: 1 })
 */
export function makeDays(input: DaysInput, asked: DaysAsked): DaysMade {
  const making = new DaysMaking(input, asked);
  while (making.advance(16)) if (asked.progress?.('search', making.done, making.best) === false) break;
  return making.withWays(making.made());
}
