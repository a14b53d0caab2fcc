import type { WeatherHour } from '@oddment/contracts';
import type { Climate } from './climates.ts';
import { drift, hashed, seedOf } from './seeded.ts';

const hourMs = 3_600_000;
const tenth = (v: number) => Math.round(v * 10) / 10;
const vapor = (c: number) => Math.exp((17.62 * c) / (243.12 + c));

/** The weather of one hour at a made-up place: season, time of day, and a weather that strays and rains by its seed. */
export function hourAt(climate: Climate, seed: number, atMs: number): WeatherHour {
  const own = seed ^ seedOf(climate.id);
  const hour = Math.floor(atMs / hourMs);
  const year = (atMs / 86_400_000 - 200) / 365.2425;
  const clock = (((atMs / hourMs + climate.aheadH) % 24) + 24) % 24;
  const season = Math.cos(2 * Math.PI * year);
  // rain comes in spells of some hours, out of days that are wet as a whole
  const damp = drift(own ^ 1, hour / 41) * 0.8 + drift(own ^ 2, hour / 7) * 0.6;
  const raining = damp > 1 - 2.3 * Math.sqrt(climate.wet) + 0.55;
  const cloud = Math.min(1, Math.max(0, 0.4 + 0.45 * damp));
  const airC =
    climate.meanC +
    climate.seasonK * season +
    climate.strayK * drift(own ^ 3, hour / 60) +
    climate.dayK * (1 - 0.7 * cloud) * Math.cos((2 * Math.PI * (clock - 15)) / 24) -
    (raining ? 1.5 : 0);
  const dewC =
    climate.meanC + climate.seasonK * season + climate.strayK * drift(own ^ 3, hour / 60 - 0.1) - climate.drynessK * (1.3 - cloud) - climate.dayK * 0.4;
  const humid = raining ? 90 + 8 * hashed(own ^ 4, hour) : 100 * (vapor(Math.min(airC, dewC)) / vapor(airC));
  const windKmh = Math.max(0, climate.windKmh * (0.75 + 0.35 * drift(own ^ 5, hour / 13) + 0.25 * Math.cos((2 * Math.PI * (clock - 14)) / 24)));
  return {
    at: new Date(hour * hourMs).toISOString(),
    airC: tenth(airC),
    humidityPct: Math.round(Math.min(100, Math.max(8, humid))),
    windKmh: Math.round(windKmh),
    rainMm: raining ? tenth(0.2 + 3 * hashed(own ^ 6, hour) ** 3) : 0,
  };
}

/** Hours in order from the one that a moment lies in. */
export function hoursFrom(climate: Climate, seed: number, fromMs: number, count: number): WeatherHour[] {
  return Array.from({ length: count }, (_v, i) => hourAt(climate, seed, fromMs + i * hourMs));
}
