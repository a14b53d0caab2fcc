import type { ClimateSeries } from '../../climate/series.ts';
import { Openings } from './fitting.ts';
import { lawTable, never } from './laws.ts';
import { at, type Placement, type Problem } from './problem.ts';
import { seededRandom } from './random.ts';

/** How a plan went in many tries of the days to come. */
export interface Future {
  readonly runs: number;
  /** of each repair with a date, in how many of the runs it was kept */
  readonly dates: readonly { readonly repair: number; readonly kept: number }[];
  /** the window that was missed most often, and in how many runs; nothing where none was */
  readonly weakest?: { readonly tie: number; readonly missed: number };
  /** runs in which no window was missed */
  readonly clean: number;
  /** ends of the last work in min: the middle one, and what nine in ten stay below */
  readonly middle: number;
  readonly ninth: number;
}

/** What varies. */
export interface Spread {
  /** hands-on time when all goes well, and when little does, times as planned */
  readonly quickest: number;
  readonly slowest: number;
  /** how much warmer or colder than expected it may turn out, K */
  readonly climateK: number;
}

/** Chance as it is told. */
export type Chance = 'likely' | 'tight' | 'no';

/** Nine in ten is likely; under a half is no. Our own judgement. */
export const chanceOf = (share: number): Chance => (share >= 0.9 ? 'likely' : share >= 0.5 ? 'tight' : 'no');

/** A number between two with a most likely one, from a number between nothing and one. */
export function triangular(u: number, least: number, likely: number, most: number): number {
  if (most <= least) return likely;
  const split = (likely - least) / (most - least);
  return u < split ? least + Math.sqrt(u * (most - least) * (likely - least)) : most - Math.sqrt((1 - u) * (most - least) * (most - likely));
}

/** Members of the climate, from colder to warmer: as many as there are steps of a half of what it may be off. */
const members = [-1, -0.5, 0, 0.5, 1];

const shifted = (climate: ClimateSeries, k: number): ClimateSeries => {
  const [first, ...rest] = climate.map((s) => ({ ...s, airC: s.airC + k, slabC: s.slabC + k }));
  return first ? [first, ...rest] : climate;
};

/**
 * The plan gone through many times: people and order stay as planned, nothing begins sooner than planned, and what takes longer pushes
 * what follows. Hands-on times vary between the quickest and the slowest, waits by how warm it turns out.
 * @throws Error where the plan is empty
 */
export function tryFuture(problem: Problem, placements: readonly Placement[], spread: Spread, runs: number, seed: number): Future {
  const random = seededRandom(seed);
  const { activities, ties, repairs } = problem;
  const openings = new Openings(problem);
  const order = [...placements].sort((a, b) => a.start - b.start || a.act - b.act);
  const into = activities.map((_a, i) => ties.flatMap((t, n) => (t.to === i ? [n] : [])));
  const climates = members.map((m) => repairs.map((r) => (spread.climateK === 0 ? r.climate : shifted(r.climate, m * spread.climateK))));
  const law = lawTable();
  const missed = ties.map(() => 0);
  const kept = repairs.map(() => 0);
  const ends: number[] = [];
  let clean = 0;
  for (let run = 0; run < runs; run++) {
    const climate = at(climates, Math.floor(random() * climates.length));
    const [start, end] = [activities.map(() => 0), activities.map(() => 0)];
    const free = problem.workers.map(() => 0);
    const last = repairs.map(() => 0);
    let late = false;
    for (const p of order) {
      const a = at(activities, p.act);
      if (a.done) {
        [start[p.act], end[p.act]] = [p.start, p.end];
        last[a.repair] = Math.max(at(last, a.repair), p.end);
        continue;
      }
      let from = p.start;
      for (const n of at(into, p.act)) {
        const t = at(ties, n);
        from = Math.max(from, law(t.least, at(climate, a.repair)).least(at(t.after === 'start' ? start : end, t.from)));
      }
      p.people.forEach((w, i) => (from = Math.max(from, at(free, w) + (p.before[i] ?? 0) + (i === 0 ? p.cover : 0))));
      if (a.ways.length > 0) {
        const planned = a.ways.find((w) => w.people === p.people.length)?.minutes ?? 0;
        const minutes = Math.max(1, Math.round(planned * triangular(random(), spread.quickest, 1, spread.slowest)));
        const before = Math.max(0, ...p.before.map((b, i) => b + (i === 0 ? p.cover : 0)));
        // what no longer fits before the end of the day goes on over it, as it would
        const fit = openings.of(a, p.people).fit(from, { before: from === p.start ? 0 : before, minutes, after: 0, interrupt: true }, 1);
        [start[p.act], end[p.act]] = fit ? [fit.start, fit.end] : [from, from + minutes];
        for (const w of p.people) free[w] = at(end, p.act) + (w === p.people[0] ? p.away : 0);
        last[a.repair] = Math.max(at(last, a.repair), at(end, p.act));
      } else [start[p.act], end[p.act]] = [from, from];
      for (const n of at(into, p.act)) {
        const t = at(ties, n);
        if (!t.most || t.habit === true) continue;
        if (at(start, p.act) <= law(t.most, at(climate, a.repair)).most(at(t.after === 'start' ? start : end, t.from))) continue;
        missed[n] = at(missed, n) + 1;
        late = true;
      }
    }
    if (!late) clean += 1;
    // what never hardens in such a climate is not done within what is looked at
    ends.push(Math.min(Math.max(...last), at(problem.days, problem.days.length - 1)));
    repairs.forEach((r, i) => (kept[i] = at(kept, i) + (at(last, i) <= (r.due ?? never) ? 1 : 0)));
  }
  ends.sort((a, b) => a - b);
  const worst = Math.max(0, ...missed);
  return {
    runs,
    dates: repairs.flatMap((r, repair) => (r.due === undefined ? [] : [{ repair, kept: at(kept, repair) }])),
    ...(worst > 0 && { weakest: { tie: missed.indexOf(worst), missed: worst } }),
    clean,
    middle: at(ends, Math.floor((runs - 1) / 2)),
    ninth: at(ends, Math.min(runs - 1, Math.floor(runs * 0.9))),
  };
}
