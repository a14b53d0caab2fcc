import type { ClimateSeries, ClimateStretch } from '../climate/series.ts';
import { arrheniusMultiplier, equivalentAgeFactor } from './reaction.ts';

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

/** How a material's wait follows the temperature: its time at the reference, the law it goes by, and where it stands still. */
export interface CureProgress {
  readonly at23Min: number;
  readonly law:
    | { readonly by: 'arrhenius'; readonly activationKjMol: number }
    | { readonly by: 'equivalent-age'; readonly activationK: number }
    | { readonly by: 'as-stated' };
  /** below this the reaction does not slow down further, it stops: no stretched time */
  readonly stopsBelowC?: number;
}

/** Progress of a wait per min at a temperature of the slab; nothing below where the material stops. */
export function cureProgress({ at23Min, law, stopsBelowC }: CureProgress, slabC: number): number {
  if (stopsBelowC !== undefined && slabC < stopsBelowC) return 0;
  if (law.by === 'as-stated') return 1 / at23Min;
  return law.by === 'arrhenius' ? 1 / (at23Min * arrheniusMultiplier(slabC, law.activationKjMol)) : equivalentAgeFactor(slabC, law.activationK) / at23Min;
}

/** How far a wait has come over a climate. */
export interface WaitOver {
  /** share done, from nothing to one, at each change of the climate and at the end */
  readonly points: readonly { readonly atMin: number; readonly share: number }[];
  /** when it is done; nothing where it is not within what is known of the climate */
  readonly doneMin?: number;
  /** time between its beginning and its end, or the end of what is known, in which it stood still */
  readonly stillMin: number;
}

/**
 * A wait followed over a climate, as far as that is known.
 * @param endMin where what is known of the climate ends, in min after its start
 */
export function waitOver(startMin: number, series: ClimateSeries, endMin: number, cure: CureProgress): WaitOver {
  const points: { atMin: number; share: number }[] = [{ atMin: startMin, share: 0 }];
  let [share, stillMin] = [0, 0];
  for (let i = 0; i < series.length; i++) {
    const stretch = series[i];
    const from = Math.max(startMin, stretch?.fromMin ?? 0);
    const until = Math.min(endMin, series[i + 1]?.fromMin ?? endMin);
    if (!stretch || until <= from) continue;
    const perMin = cureProgress(cure, stretch.slabC);
    if (perMin > 0 && share + (until - from) * perMin >= 1) {
      const doneMin = from + (1 - share) / perMin;
      points.push({ atMin: doneMin, share: 1 });
      return { points, doneMin, stillMin };
    }
    if (perMin === 0) stillMin += until - from;
    share += (until - from) * perMin;
    points.push({ atMin: until, share });
  }
  return { points, stillMin };
}
