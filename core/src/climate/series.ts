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
