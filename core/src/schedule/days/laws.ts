import type { ClimateSeries } from '../../climate/series.ts';
import type { Lag } from '../../method/step.ts';
import { lagRate, type RunningLag } from '../lagEnd.ts';

/** Later than anything: a lag that is never over. */
export const never = Number.POSITIVE_INFINITY;

/** When a lag that begins at a moment is over, in whole min: shortest lags are rounded up, windows down. */
export interface Law {
  readonly least: (fromMin: number) => number;
  readonly most: (fromMin: number) => number;
  /** the latest moment after which it is over by another; before everything where there is none */
  readonly latestFrom: (endMin: number) => number;
}

/** Tolerance of a moment, in min. */
const nearly = 1e-6;

const fixed = (minutes: number): Law => ({
  least: (from) => from + Math.ceil(minutes - nearly),
  most: (from) => from + Math.floor(minutes + nearly),
  latestFrom: (end) => end - Math.ceil(minutes - nearly),
});

/** The last place of an ascending list at which it is no more than a value. */
function lastAtMost(list: readonly number[], value: number): number {
  let [low, high] = [0, list.length - 1];
  while (low < high) {
    const mid = (low + high + 1) >> 1;
    if ((list[mid] ?? never) <= value) low = mid;
    else high = mid - 1;
  }
  return low;
}

/** A lag over a climate: the running sum of its rate, kept at each change, so that an end is looked up instead of stepped to. */
function running(lag: RunningLag, climate: ClimateSeries): Law {
  const rate = lagRate(lag);
  const from = climate.map((s) => s.fromMin);
  const rates = climate.map(rate);
  const sums: number[] = [0];
  for (let i = 1; i < from.length; i++) sums.push((sums[i - 1] ?? 0) + (rates[i - 1] ?? 0) * ((from[i] ?? 0) - (from[i - 1] ?? 0)));
  const sumAt = (min: number) => {
    const i = lastAtMost(from, Math.max(min, 0));
    return (sums[i] ?? 0) + (rates[i] ?? 0) * (Math.max(min, 0) - (from[i] ?? 0));
  };
  const known = new Map<number, number>();
  const over = (min: number) => {
    const kept = known.get(min);
    if (kept !== undefined) return kept;
    const wanted = sumAt(min) + 1;
    // the sum stands still in frost: the first stretch in which it gets there
    let i = lastAtMost(sums, wanted - 1e-12);
    while (i < rates.length - 1 && (rates[i] ?? 0) <= 0) i += 1;
    const perMin = rates[i] ?? 0;
    const end = perMin > 0 ? (from[i] ?? 0) + (wanted - (sums[i] ?? 0)) / perMin : never;
    known.set(min, end);
    return end;
  };
  const least = (min: number) => Math.ceil(over(min) - nearly);
  return {
    least,
    most: (min) => Math.floor(over(min) + nearly),
    latestFrom: (end) => {
      if (least(0) > end) return Number.NEGATIVE_INFINITY;
      let [low, high] = [0, end];
      while (low < high) {
        const mid = (low + high + 1) >> 1;
        if (least(mid) <= end) low = mid;
        else high = mid - 1;
      }
      return low;
    },
  };
}

/** No lag at all. */
export const atOnce: Law = fixed(0);

/**
 * The laws of the lags of a problem, each made once for a climate.
 * @returns the law of a lag in a climate; without a lag, at once
 */
export function lawTable(): (lag: Lag | undefined, climate: ClimateSeries) => Law {
  const byClimate = new Map<ClimateSeries, Map<Lag, Law>>();
  return (lag, climate) => {
    if (!lag) return atOnce;
    const table = byClimate.get(climate) ?? new Map<Lag, Law>();
    byClimate.set(climate, table);
    let law = table.get(lag);
    if (!law) {
      law = lag.by === 'fixed' ? fixed(lag.minutes.value) : lag.by === 'progress' && lag.at23.value === 0 ? atOnce : running(lag, climate);
      table.set(lag, law);
    }
    return law;
  };
}
