import { clockTime, dayName, showValue, type DaysRecord, type UnitSystem, type WeatherRecord } from '@oddment/core';
import type { DayLanes } from './daysView.ts';

/** A stretch of the forecast above the lanes: its place and width in percent, and its air in a few characters. */
export interface WeatherCell {
  readonly left: number;
  readonly width: number;
  /** its hour, or its day */
  readonly when: string;
  readonly label: string;
  readonly rain: boolean;
}

/** The forecast over what is drawn: for each hour of a day, or for each of days side by side; what lies behind its end is left out. */
export function weatherCells(
  { at, spans, weeks }: Pick<DayLanes, 'at' | 'spans' | 'weeks'>,
  { timeZone }: Pick<DaysRecord, 'timeZone'>,
  forecast: WeatherRecord,
  units: UnitSystem,
): readonly WeatherCell[] {
  const start = Date.parse(forecast.startAt);
  const min = (moment: number) => (moment - start) / 60_000;
  const bare = (value: number) => showValue(value, 'temperature', units).text.replace(/\s*°[CF]$/, '');
  return spans.flatMap(({ from, to }): WeatherCell[] => {
    const own = forecast.weather.filter((w, i) => w.fromMin < min(to) && (forecast.weather[i + 1]?.fromMin ?? forecast.endMin) > min(from));
    if (own.length === 0) return [];
    const airs = own.map((w) => w.airC);
    const [least, most] = [bare(Math.round(Math.min(...airs))), showValue(Math.round(Math.max(...airs)), 'temperature', units).text];
    const moment = new Date(from).toISOString();
    return [
      {
        left: at(from),
        width: at(to - 1) - at(from),
        when: weeks ? dayName(moment, timeZone) : clockTime(moment, { timeZone, day: moment }),
        label: weeks && least !== most.replace(/\s*°[CF]$/, '') ? `${least} to ${most}` : most,
        rain: own.some((w) => w.rain === true),
      },
    ];
  });
}
