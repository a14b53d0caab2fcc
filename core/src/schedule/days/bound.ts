import { never } from './laws.ts';
import { at, type Problem, type Stretch } from './problem.ts';
import { anyOf, Propagation } from './propagate.ts';

/** Which reasoning refuses every end before the bound. */
export type BoundBy = 'path' | 'work' | 'thing';

/** An end before which no plan ends, in min from the start of the job, and why. */
export interface Bound {
  readonly min: number;
  readonly by: BoundBy;
}

/** Minutes of stretches up to any moment. */
class Minutes {
  readonly #from: readonly number[];
  readonly #rate: readonly number[];
  readonly #sum: readonly number[];

  constructor(lists: readonly (readonly Stretch[])[]) {
    const steps = new Map<number, number>();
    for (const s of lists.flat()) {
      steps.set(s.from, (steps.get(s.from) ?? 0) + 1);
      steps.set(s.to, (steps.get(s.to) ?? 0) - 1);
    }
    const from = [...steps.keys()].sort((a, b) => a - b);
    const rate: number[] = [];
    const sum: number[] = [];
    let [now, total] = [0, 0];
    from.forEach((min, i) => {
      total += now * (min - (from[i - 1] ?? min));
      now += steps.get(min) ?? 0;
      sum.push(total);
      rate.push(now);
    });
    [this.#from, this.#rate, this.#sum] = [from, rate, sum];
  }

  until(min: number): number {
    let [low, high] = [0, this.#from.length];
    while (low < high) {
      const mid = (low + high) >> 1;
      if (at(this.#from, mid) <= min) low = mid + 1;
      else high = mid;
    }
    const i = low - 1;
    return i < 0 ? 0 : at(this.#sum, i) + at(this.#rate, i) * (min - at(this.#from, i));
  }
}

/** What some resource has to do and can do: of each activity how many of its minutes, and how many there are up to a moment. */
interface Load {
  readonly by: BoundBy;
  readonly work: readonly number[];
  readonly capacity: Minutes;
  /** what comes besides, wherever in the whole of the time */
  readonly besides: number;
}

/** What has to be set up, mixed and covered at least once in all, in person-minutes. */
function onceMin({ activities, places, repairs }: Problem): number {
  const once = new Map<string, number>();
  const least = (key: string, minutes: number) => once.set(key, Math.min(once.get(key) ?? never, minutes));
  // what is going on already may be set up, mixed and covered from before
  const done = activities.filter((a) => a.done);
  for (const { setUp, run, covered, repair, done: over } of activities) {
    if (over || done.some((d) => d.setUp?.key === setUp?.key || d.run?.key === run?.key || d.repair === repair)) continue;
    if (setUp) least(`set-up ${setUp.key}`, setUp.minutes);
    if (run) least(`mix ${run.key}`, run.minutes);
    const { place } = at(repairs, repair);
    if (covered) least(`cover ${String(place)}`, at(places, place).cover + at(places, place).away);
  }
  return [...once.values()].reduce((sum, m) => sum + m, 0);
}

/** Whether no plan can end by a moment. */
function refused(p: Propagation, loads: readonly Load[], endMin: number): BoundBy | undefined {
  const { earliest, earliestEnd } = p.times;
  const latest = p.latestEnds(endMin);
  if (latest.some((end, i) => at(earliestEnd, i) > end)) return 'path';
  const byStart = earliest.map((_e, i) => i).sort((a, b) => at(earliest, b) - at(earliest, a));
  const ends = [...new Set(latest)].filter((e) => e !== never);
  for (const { by, work, capacity, besides } of loads) {
    const last = Math.max(...ends);
    for (const end of ends) {
      const until = capacity.until(end);
      let sum = 0;
      for (const i of byStart) {
        if (at(work, i) === 0 || at(latest, i) > end) continue;
        sum += at(work, i);
        if (sum > until - capacity.until(at(earliest, i)) + 1e-9) return by;
      }
      if (end === last && sum + besides > until + 1e-9) return by;
    }
  }
  return undefined;
}

function loadsOf(problem: Problem, p: Propagation): Load[] {
  const { workers, activities, things } = problem;
  const loads: Load[] = [
    {
      by: 'work',
      work: p.leastWork.map((m, i) => (at(activities, i).done ? 0 : m)),
      capacity: new Minutes(workers.map((w) => w.hours)),
      besides: onceMin(problem),
    },
  ];
  for (const [thing, count] of Object.entries(things)) {
    const work = activities.map((a, i) => (!a.done && a.things.some((t) => t === thing) ? at(p.shortest, i) : 0));
    if (work.every((m) => m === 0)) continue;
    // a thing works no longer than anybody is there, nor at more places than there are of it
    const open = new Minutes(Array.from({ length: count }, () => anyOf(workers.map((w) => w.hours))));
    loads.push({ by: 'thing', work, capacity: open, besides: 0 });
  }
  return loads;
}

/**
 * The largest end that is refused, and one min more: an end before which no plan ends. Only what relaxes: the longest way through the
 * shortest lags, and in each interval the work that has to lie in it against the hours that there are.
 * @param known an end that a plan has; the bound is no later
 */
export function lowerBound(problem: Problem, known: number): Bound {
  const p = new Propagation(problem);
  const loads = loadsOf(problem, p);
  const { earliestEnd } = p.times;
  const work = problem.activities.flatMap((a, i) => (a.ways.length > 0 ? [i] : []));
  let [low, by]: [number, BoundBy] = [Math.max(0, ...work.map((i) => at(earliestEnd, i))), 'path'];
  if (low === never) return { min: never, by };
  let high = Math.max(low, known);
  // low is not refused yet as far as paths go; the largest refused end lies below high
  while (low < high) {
    const mid = (low + high) >> 1;
    const why = refused(p, loads, mid);
    if (why) [low, by] = [mid + 1, why];
    else high = mid;
  }
  return { min: low, by };
}
