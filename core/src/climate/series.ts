import { round12 } from '../quantity/round.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { saturationPressurePa } from './humidAir.ts';

/** One stretch of climate, from `fromMin` after the start until the next stretch begins. */
export interface ClimateStretch {
  readonly fromMin: number;
  readonly airC: number;
  readonly slabC: number;
  readonly humidityPct: number;
  readonly windKmh?: number;
}

/** Climate of an area over time: stretches in order, the last one holding on. */
export type ClimateSeries = readonly [ClimateStretch, ...ClimateStretch[]];

/** A climate that does not change. */
export function constantClimate(airC: number, slabC: number, humidityPct: number): ClimateSeries {
  return [{ fromMin: 0, airC, slabC, humidityPct }];
}

/** A day of a place by the hours of its clock: how far it has cooled from the day to the coldest of the night, which is before sunrise. */
const cooling: readonly (readonly [hour: number, share: number])[] = [
  [0, 0.7],
  [3, 0.95],
  [6, 0.7],
  [8, 0],
  [18, 0.2],
  [21, 0.45],
];

/** as far ahead as a climate is made: a lime plaster and its paint are done by then */
const daysAhead = 120;

/**
 * A climate that cools every night to a lowest, and is by day as it was measured. The air keeps its vapor, so that it gets damper as
 * it cools. How it cools between is a judgement: fast after sunset, slower then, coldest before sunrise.
 * @param night the coldest of the nights, in °C
 * @param timeZone of the site, by whose clock night falls
 */
export function nightlyClimate(
  { airC, slabC, humidityPct, night }: Readonly<Record<'airC' | 'slabC' | 'humidityPct' | 'night', number>>,
  startAt: string,
  timeZone: string,
): ClimateSeries {
  const [hour = 0, minute = 0] = siteDateTime(startAt, timeZone).time.split(':').map(Number);
  const begun = hour * 60 + minute;
  const cooled = (share: number) => {
    const to = (day: number) => round12(day - Math.max(0, day - night) * share);
    const air = to(airC);
    const damp = Math.min(100, (humidityPct * saturationPressurePa(airC)) / saturationPressurePa(air));
    return { airC: air, slabC: to(slabC), humidityPct: round12(damp) };
  };
  const all = Array.from({ length: daysAhead }, (_v, day) =>
    cooling.map(([from, share]): ClimateStretch => ({ fromMin: day * 1440 + from * 60 - begun, ...cooled(share) })),
  ).flat();
  const first = all.findLastIndex((s) => s.fromMin <= 0);
  const [now, ...later] = all.slice(first);
  // what is not over by then is taken to go on by day
  return [{ ...(now ?? { airC, slabC, humidityPct }), fromMin: 0 }, ...later, { fromMin: daysAhead * 1440, airC, slabC, humidityPct }];
}
