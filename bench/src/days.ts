import { findDays, jobDays, lowerBound, planJob } from '@oddment/core';
import { house, houseRules } from '../../core/test/house.ts';
import { bestKnown, mixed } from '../../core/test/mixedDays.ts';
import { gapOf, planted } from '../../core/test/planted.ts';

const timed = <R>(act: () => R): readonly [ms: number, made: R] => {
  const start = performance.now();
  const made = act();
  return [performance.now() - start, made];
};

/** Tries until a time is over: what a person waits. */
function foundWithin(problem: Parameters<typeof findDays>[0], ms: number) {
  const start = performance.now();
  return findDays(problem, { aim: 'finish', rounds: 100_000, seed: 1, progress: () => performance.now() - start < ms });
}

/** How long days take to be found, and how far from the best they are. */
export function daysRows(row: (words: string, times: readonly number[], aim?: number) => string): string[] {
  const problemOf = (count: number) => {
    const job = house(count);
    return jobDays(job, planJob(job, houseRules), houseRules).problem;
  };
  const [house34, house200] = [problemOf(34), problemOf(200)];
  const first = Array.from({ length: 5 }, (_v, seed) => timed(() => findDays(house34, { aim: 'finish', rounds: 0, seed }))[0]);
  const [ms200, found200] = timed(() => findDays(house200, { aim: 'finish', rounds: 20, seed: 1 }));
  const gaps = [30, 60].flatMap((repairs) =>
    [1, 2, 3, 4, 5].map((seed) => {
      const { problem, end } = planted(repairs, seed);
      return gapOf(problem, end, foundWithin(problem, 5000).score.end) * 100;
    }),
  );
  const others = bestKnown.map(([fixture, best]) => {
    const problem = mixed(fixture);
    const { end } = foundWithin(problem, 5000).score;
    return { gap: gapOf(problem, best, end) * 100, bound: gapOf(problem, lowerBound(problem, end).min, end) * 100 };
  });
  const { score, rounds } = foundWithin(house34, 5000);
  return [
    row(`first whole plan of ${String(house34.repairs.length)} repairs, ${String(house34.activities.length)} steps, two people`, first, 300),
    `the same for 5 s: ${String(rounds)} tries, ${String(score.visits)} days of work`,
    row(`${String(house200.repairs.length)} repairs, ${String(house200.activities.length)} steps: a plan and 20 tries at a better one`, [ms200], 20_000),
    `   of them without a place: ${String(found200.score.unplaced)}`,
    `ten planted jobs of 30 and 60 repairs after 5 s each: ${Math.min(...gaps).toFixed(1)} to ${Math.max(...gaps).toFixed(1)} % of the working time over the best   aim 5 %`,
    `twenty other jobs of 8 to 50 repairs after 5 s each: up to ${Math.max(0, ...others.map((o) => o.gap)).toFixed(1)} % over the best known, ${Math.max(...others.map((o) => o.bound)).toFixed(1)} % over the bound at the most   aim 2 %`,
  ];
}
