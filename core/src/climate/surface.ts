import { round12 } from '../quantity/round.ts';

/** hours in which two thirds of a change of the air have gone into a slab or a wall (judgement: a hand's breadth of masonry, in shade) */
export const surfaceLagH = 8;

/** The air at a moment, and the surface where it was measured. */
export interface SurfacePoint {
  readonly atMin: number;
  readonly airC: number;
  readonly surfaceC?: number;
}

/**
 * Surface temperature at each moment in °C: where it was measured, that; elsewhere it follows the air with
 * a lag, in shade and without sun, from the last that was measured, or from the mean air of the first day.
 * @returns as many temperatures as there are points
 */
export function followedSurface(points: readonly SurfacePoint[], lagH = surfaceLagH): readonly number[] {
  const [first] = points;
  if (!first) return [];
  const day = points.filter((p) => p.atMin < first.atMin + 1440);
  let surfaceC = day.reduce((sum, p) => sum + p.airC, 0) / day.length;
  return points.map((p, i) => {
    const hours = i === 0 ? 1 : (p.atMin - (points[i - 1]?.atMin ?? p.atMin)) / 60;
    surfaceC = p.surfaceC ?? surfaceC + (p.airC - surfaceC) * (1 - round12(Math.exp(-hours / lagH)));
    return surfaceC;
  });
}
