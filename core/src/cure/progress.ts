import type { ClimateSeries, ClimateStretch } from '../climate/series.ts';

/**
 * When a wait that progresses with the climate is done, in min after the series' start: the moment at
 * which the integral of `rate` from `startMin` on reaches 1.
 * @param rate progress per min in a stretch of climate; nothing where the reaction stands still
 * @returns Infinity where it never gets there
 */
export function progressEndMin(startMin: number, series: ClimateSeries, rate: (stretch: ClimateStretch) => number): number {
  let done = 0;
  for (let i = 0; i < series.length; i++) {
    const stretch = series[i];
    if (!stretch) break;
    const until = series[i + 1]?.fromMin ?? Number.POSITIVE_INFINITY;
    const from = Math.max(startMin, stretch.fromMin);
    if (until <= from) continue;
    const perMin = rate(stretch);
    if (perMin > 0) {
      const end = from + (1 - done) / perMin;
      if (end <= until) return end;
      done += (until - from) * perMin;
    }
  }
  return Number.POSITIVE_INFINITY;
}
