import type { Weather } from './windows.ts';

/** One hour as a weather service tells it. */
export interface AirHour {
  /** ISO instant */
  readonly at: string;
  readonly airC: number;
  readonly humidityPct: number;
  readonly windKmh: number;
  readonly rainMm: number;
}

/** hours in which two thirds of a change of the air have gone into a slab or a wall (judgement: a hand's breadth of masonry, in shade) */
export const surfaceLagH = 8;

/**
 * Weather of the hours with an estimate of the surface: it follows the air with a lag, in shade and without
 * sun. A probe on the surface goes first. The first hour begins at the mean of the first day.
 */
export function withSurface(hours: readonly AirHour[], lagH = surfaceLagH): readonly Weather[] {
  const [first] = hours;
  if (!first) return [];
  const day = hours.slice(0, 24);
  let surfaceC = day.reduce((sum, h) => sum + h.airC, 0) / day.length;
  const share = 1 - Math.exp(-1 / lagH);
  return hours.map((h) => {
    surfaceC += (h.airC - surfaceC) * share;
    return { fromMin: (Date.parse(h.at) - Date.parse(first.at)) / 60_000, airC: h.airC, surfaceC, humidityPct: h.humidityPct, windKmh: h.windKmh, rain: h.rainMm > 0 };
  });
}
