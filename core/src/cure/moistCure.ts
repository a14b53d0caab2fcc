import type { ClimateSeries } from '../climate/series.ts';
import { evaporation } from '../climate/humidAir.ts';
import { evaluate } from '../quantity/formula.ts';
import { atLeast } from '../quantity/round.ts';
import { mistingEvery } from './strength.ts';

/** How a fresh cement face is kept damp. */
export type MoistDuty =
  | { readonly state: 'mist'; readonly atMin: readonly number[]; readonly closestMin: number }
  /** it dries faster than anybody can mist, from this moment on for the first time */
  | { readonly state: 'cover'; readonly fromMin: number; readonly evaporationKgM2h: number };

/** Evaporation from which a fresh face is covered or sprayed with a curing compound, in kg/m²h (ACI 305R, as recalled). */
export const coverFromKgM2h = 1;

interface MoistCare {
  /** how long the face is to stay damp */
  readonly daysDamp: number;
  /** water that one misting leaves on the face */
  readonly filmMm: number;
  /** share of that film which is never let go */
  readonly reserve: number;
  /** mistings closer than this are nobody's work: cover it */
  readonly leastBetweenMin: number;
}

const stillWind = 5;
/** a face no air dries is looked at twice a day all the same */
const longestBetweenMin = 720;

/**
 * When a cement face is misted from the end of finishing on, or that it has to be covered: evaporation over
 * a series of climate empties the film of water, and it is renewed before the reserve is touched.
 * @param startMin end of finishing, in min after the series' start
 */
export function moistDuty(startMin: number, series: ClimateSeries, { daysDamp, filmMm, reserve, leastBetweenMin }: MoistCare): MoistDuty {
  const end = startMin + daysDamp * 1440;
  const atMin: number[] = [];
  let closestMin = Number.POSITIVE_INFINITY;
  let [last, spent] = [startMin, 0];
  for (let i = 0; i < series.length; i++) {
    const stretch = series[i];
    if (!stretch) break;
    const until = Math.min(end, series[i + 1]?.fromMin ?? end);
    let now = Math.max(startMin, stretch.fromMin);
    if (until <= now) continue;
    const rate = evaluate(evaporation, {
      surfaceC: stretch.slabC,
      airC: stretch.airC,
      humidityPct: stretch.humidityPct,
      windKmh: stretch.windKmh ?? stillWind,
    });
    if (atLeast(rate, coverFromKgM2h)) return { state: 'cover', fromMin: now, evaporationKgM2h: rate };
    const lasts = rate > 0.01 ? evaluate(mistingEvery, { filmMm, evaporationKgM2h: rate, reserve }) : longestBetweenMin;
    while (now < until) {
      const next = Math.min(now + (1 - spent) * lasts, last + longestBetweenMin);
      if (next >= until) {
        spent += (until - now) / lasts;
        break;
      }
      if (next - last < leastBetweenMin) return { state: 'cover', fromMin: next, evaporationKgM2h: rate };
      closestMin = Math.min(closestMin, next - last);
      atMin.push(next);
      [now, last, spent] = [next, next, 0];
    }
  }
  return { state: 'mist', atMin, closestMin };
}
