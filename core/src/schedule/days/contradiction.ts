import { lowerBound } from './bound.ts';
import { findDays } from './improve.ts';
import { at, type Problem } from './problem.ts';

/** What can be asked of days besides the methods themselves, each of which can be what they fail by. */
export type Demand = 'dates' | 'begin' | 'hours' | 'crew' | 'skills' | 'things' | 'pins' | 'access' | 'quiet' | 'rain' | 'marks';

/** A problem without one of its demands. */
export function relaxed(problem: Problem, demand: Demand): Problem {
  const { repairs, activities, workers, places, days } = problem;
  const lean = (drop: 'open' | 'quiet' | 'rain') =>
    places.map((p) => Object.fromEntries(Object.entries(p).filter(([key]) => key !== drop)) as unknown as Problem['places'][number]);
  switch (demand) {
    case 'dates':
      return { ...problem, repairs: repairs.map(({ due: _due, ...r }) => r) };
    case 'begin':
      return {
        ...problem,
        repairs: repairs.map(({ notBefore: _first, ...r }) => r),
        activities: activities.map(({ notBefore: _first, ...a }) => a),
      };
    case 'pins':
      return { ...problem, activities: activities.map(({ pin: _pin, ...a }) => a) };
    case 'hours':
      return { ...problem, workers: workers.map((w) => ({ ...w, hours: [{ from: 0, to: at(days, days.length - 1) }] })) };
    case 'crew':
      // as many of each as there are repairs: nobody is waited for
      return {
        ...problem,
        workers: Array.from({ length: Math.min(12, Math.max(2, repairs.length) * workers.length) }, (_v, i) => ({
          ...at(workers, i % workers.length),
          id: `more-${String(i)}`,
        })),
      };
    case 'skills':
      return { ...problem, workers: workers.map(({ skills: _skills, ...w }) => w) };
    case 'things':
      return { ...problem, things: {} };
    case 'access':
      return { ...problem, places: lean('open') };
    case 'quiet':
      return { ...problem, places: lean('quiet') };
    case 'rain':
      return { ...problem, places: lean('rain') };
    case 'marks':
      return { ...problem, marks: [] };
  }
}

const demands: readonly Demand[] = ['rain', 'quiet', 'access', 'marks', 'things', 'skills', 'crew', 'begin', 'pins', 'hours', 'dates'];

/** What does not go together. */
export interface Contradiction {
  /** the demands that fail together, and of which none can be left out; empty where the method itself has no place, whatever is asked */
  readonly together: readonly Demand[];
  /** refused by what holds for every plan; else no plan was found */
  readonly proved: boolean;
}

/** The repairs of a problem alone. */
export function only(problem: Problem, wanted: (repair: number) => boolean): Problem {
  const keptRepairs = problem.repairs.flatMap((_r, i) => (wanted(i) ? [i] : []));
  const kept = problem.activities.flatMap((a, i) => (wanted(a.repair) ? [i] : []));
  const actOf = new Map(kept.map((i, n) => [i, n]));
  const repairOf = new Map(keptRepairs.map((i, n) => [i, n]));
  const has = (i: number) => actOf.has(i);
  const to = (i: number) => actOf.get(i) ?? 0;
  const moved = <P extends { readonly act: number }>(p: P): P => ({ ...p, act: to(p.act) });
  return {
    ...problem,
    repairs: keptRepairs.map((i) => at(problem.repairs, i)),
    activities: kept.map((i) => ({ ...at(problem.activities, i), repair: repairOf.get(at(problem.activities, i).repair) ?? 0 })),
    ties: problem.ties.flatMap((t) => (has(t.from) && has(t.to) ? [{ ...t, from: to(t.from), to: to(t.to) }] : [])),
    marks: problem.marks.flatMap((m) => (has(m.from.act) && has(m.to.act) ? [{ ...m, from: moved(m.from), to: moved(m.to) }] : [])),
    stands: problem.stands.flatMap((s) => (has(s.from.act) && has(s.to.act) ? [{ ...s, from: moved(s.from), to: moved(s.to) }] : [])),
  };
}

/** Whether a problem fails: something finds no place, or a date is missed. */
function fails(problem: Problem, rounds: number): boolean {
  const { unplaced, late } = findDays(problem, { aim: 'finish', rounds, seed: 1, bare: true }).score;
  return unplaced > 0 || late > 0;
}

/** Whether no plan at all keeps every date, by what holds for all of them. */
export function isRefused(problem: Problem): boolean {
  const dated = only(problem, (r) => at(problem.repairs, r).due !== undefined);
  const last = Math.max(0, ...dated.repairs.map((r) => r.due ?? 0));
  if (dated.repairs.length === 0) return lowerBound(problem, 0).min === Number.POSITIVE_INFINITY;
  // looked at a minute beyond the last date: what is refused until then is refused by paths or by work
  return lowerBound(dated, last + 1).min > last;
}

/**
 * The smallest set of demands that fail together: each is left out in turn, and stays out where it fails all the same without it.
 * @param failing the repairs that find no place or are late
 */
export function contradictionOf(problem: Problem, failing: readonly number[], rounds = 12): Contradiction {
  const proved = isRefused(problem);
  // alone where they fail alone: what others are in the way then is not the reason
  const alone = only(problem, (r) => failing.includes(r));
  let left = fails(alone, rounds) ? alone : problem;
  const together: Demand[] = [];
  for (const demand of demands) {
    const without = relaxed(left, demand);
    if (fails(without, rounds)) left = without;
    else together.push(demand);
  }
  return { together, proved };
}
