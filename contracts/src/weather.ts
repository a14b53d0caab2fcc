import 'reflect-metadata';
import { ListOf, Moment, NumberBetween, Text, YesOrNo } from './fields.ts';

/** One hour of a forecast. */
export class WeatherHour {
  @Moment('The hour') at!: string;
  @NumberBetween('The air', -70, 60) airC!: number;
  @NumberBetween('The humidity', 0, 100) humidityPct!: number;
  @NumberBetween('The wind', 0, 300) windKmh!: number;
  @NumberBetween('The rain', 0, 300) rainMm!: number;
}

/** The answer of a weather service: hours in order, from the one asked for on. */
export class WeatherReply {
  @Text('The place', 1, 80) place!: string;
  @Text('The source', 1, 80) source!: string;
  @YesOrNo('Whether it is simulated') simulated!: boolean;
  @Moment('The time of issue') issuedAt!: string;
  @ListOf('The hours', () => WeatherHour, 400) hours!: WeatherHour[];
}

/** A place that a weather service knows. */
export class WeatherPlace {
  @Text('The id', 1, 40) id!: string;
  @Text('The name', 1, 80) name!: string;
}

/** The places that a weather service knows. */
export class WeatherPlaces {
  @ListOf('The places', () => WeatherPlace, 500) places!: WeatherPlace[];
}

/** Climate at one time as instruments measured it; the surface where one of them looked at it. */
export interface MeasuredPoint {
  readonly at: string;
  readonly airC: number;
  readonly humidityPct: number;
  readonly surfaceC?: number;
}

/** Climate over time as instruments measured it. */
export interface MeasuredClimate {
  /** in words; simulated ones say so */
  readonly instruments: readonly string[];
  readonly points: readonly MeasuredPoint[];
}
