import type { WeatherPlace } from '@oddment/contracts';
import { weatherRecord, type WeatherRecord } from '@oddment/core';
import { useMemo } from 'react';
import { api } from './api.ts';

/** As far ahead as a forecast is asked for, in hours. */
const hoursAhead = 240;

/** The forecast of a place, and the places there are to choose from. */
export interface Forecast {
  /** nothing until it is there, or where no place is chosen */
  readonly record?: WeatherRecord;
  readonly places: readonly WeatherPlace[];
  /** whose it is, and from when */
  readonly source?: string;
  readonly issuedAt?: string;
}

/** The forecast of a place; without one only the places. A service that does not answer leaves both away. */
export function useForecast(place: string | undefined, { skip = false }: { readonly skip?: boolean } = {}): Forecast {
  const { data } = api.useWeatherQuery({ hours: hoursAhead, ...(place !== undefined && { place }) }, { skip });
  return useMemo(() => {
    if (!data) return { places: [] };
    const { places, reply } = data;
    const [first, ...rest] = reply.hours;
    if (place === undefined || !first) return { places };
    return { places, record: weatherRecord([first, ...rest]), source: reply.source, issuedAt: reply.issuedAt };
  }, [data, place]);
}
