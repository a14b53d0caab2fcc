import { findDays, type Found } from '../schedule/days/improve.ts';
import type { Problem } from '../schedule/days/problem.ts';
import type { Aim, Score } from '../schedule/days/score.ts';
import { ratesOf } from '../shelf/rates.ts';
import { tellDays, type DaysPlan } from './daysPlan.ts';
import { jobDays } from './jobDays.ts';
import { waysOut, type DaysInput, type WayOut } from './waysOut.ts';

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
  readonly problem: Problem;
  readonly found: Found;
  readonly plan: DaysPlan;
  readonly ways: readonly WayOut[];
}

/** How many tries a search has: as many as a few seconds hold, over so many steps. */
export const usualRounds = (steps: number): number => Math.round(Math.min(3000, Math.max(80, 100_000 / Math.max(1, steps))));

/** Of the tries of a plan those that each way out gets. */
const shareOfWay = 0.2;
/** Runs through the days to come, and how much warmer or colder than expected these may be, in K: our own judgement. */
const futureRuns = 500;
const climateK = 3;

/**
 * The days of a job: found, told, and the ways out that were tried. The same input, seed and rounds give the same days everywhere.
 *
 * @example
 * makeDays({ job, plans: planJob(job, rules), rules, setup: {} }, { aim: 'finish', seed: 1 })
 */
export function makeDays(input: DaysInput, { aim, seed, rounds, progress }: DaysAsked): DaysMade {
  const { problem, leftOut } = jobDays(input.job, input.plans, input.rules, input.setup);
  const tries = rounds ?? usualRounds(problem.activities.length);
  const found = findDays(problem, { aim, rounds: tries, seed, ...(progress && { progress: (done, best) => progress('search', done, best) }) });
  const { quickest, slowest } = ratesOf(input.rules?.rates);
  const plan = tellDays(problem, found, leftOut, {
    future: { runs: futureRuns, seed, spread: { quickest: quickest.value, slowest: slowest.value, climateK } },
  });
  const ways =
    problem.repairs.length === 0
      ? []
      : waysOut(input, problem, found, {
          aim,
          rounds: Math.round(tries * shareOfWay),
          seed,
          ...(progress && { progress: (done, best) => progress('ways', done, best) }),
        });
  return { problem, found, plan, ways };
}
