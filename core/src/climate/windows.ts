import { dewPoint } from './humidAir.ts';
import { evaluate } from '../quantity/formula.ts';
import { atLeast, atMost } from '../quantity/round.ts';

/** The weather of one hour or another stretch: what was measured, entered or forecast. */
export interface Weather {
  /** min after the series' start */
  readonly fromMin: number;
  readonly airC: number;
  readonly surfaceC: number;
  readonly humidityPct: number;
  readonly rain?: boolean;
  readonly windKmh?: number;
}

/** What a step asks of the weather while it is done, and for some time after. Absent: not asked. */
export interface Demands {
  readonly surfaceMinC?: number;
  readonly surfaceMaxC?: number;
  readonly airMinC?: number;
  readonly airMaxC?: number;
  readonly dewMarginK?: number;
  readonly humidityMaxPct?: number;
  readonly windMaxKmh?: number;
  readonly noRain?: true;
  readonly noFrost?: true;
}

/** A time in which a step may begin, in min after the series' start, both ends included. */
export interface Window {
  readonly fromMin: number;
  readonly untilMin: number;
}

/** Which demands a stretch of weather does not meet; none where it is right. */
export function unmet(weather: Weather, demands: Demands): readonly (keyof Demands)[] {
  const { surfaceC, airC, humidityPct, rain = false, windKmh = 0 } = weather;
  const missed: (keyof Demands)[] = [];
  const ask = <K extends keyof Demands>(key: K, met: (limit: NonNullable<Demands[K]>) => boolean) => {
    const limit = demands[key];
    if (limit !== undefined && !met(limit)) missed.push(key);
  };
  ask('surfaceMinC', (least) => atLeast(surfaceC, least));
  ask('surfaceMaxC', (most) => atMost(surfaceC, most));
  ask('airMinC', (least) => atLeast(airC, least));
  ask('airMaxC', (most) => atMost(airC, most));
  ask('dewMarginK', (margin) => atLeast(surfaceC - evaluate(dewPoint, { airC, humidityPct: Math.max(1, humidityPct) }), margin));
  ask('humidityMaxPct', (most) => atMost(humidityPct, most));
  ask('windMaxKmh', (most) => atMost(windKmh, most));
  ask('noRain', () => !rain);
  ask('noFrost', () => surfaceC > 0 && airC > 0);
  return missed;
}

/**
 * The times in which a step of so many minutes may begin: all that it asks holds while it is done, and all
 * that its cure asks for so long after.
 * @param series stretches in order; the last one holds until `endMin`
 * @param endMin where the series ends: nothing is known after it
 */
export function weatherWindows(
  series: readonly Weather[],
  endMin: number,
  step: { readonly minutes: number; readonly demands: Demands },
  after?: { readonly minutes: number; readonly demands: Demands },
): Window[] {
  const ends = series.map((_s, i) => series[i + 1]?.fromMin ?? endMin);
  const good = (demands: Demands) => {
    const runs: Window[] = [];
    series.forEach((weather, i) => {
      if (unmet(weather, demands).length > 0) return;
      const last = runs[runs.length - 1];
      const until = ends[i] ?? endMin;
      if (last?.untilMin === weather.fromMin) runs[runs.length - 1] = { fromMin: last.fromMin, untilMin: until };
      else runs.push({ fromMin: weather.fromMin, untilMin: until });
    });
    return runs;
  };
  // when the step itself may begin, then when it may begin so that its cure holds as well
  const begins = good(step.demands)
    .map((w) => ({ fromMin: w.fromMin, untilMin: w.untilMin - step.minutes }))
    .filter((w) => w.untilMin >= w.fromMin);
  if (!after) return begins;
  const cures = good(after.demands)
    .map((w) => ({ fromMin: w.fromMin - step.minutes, untilMin: w.untilMin - step.minutes - after.minutes }))
    .filter((w) => w.untilMin >= w.fromMin);
  return begins.flatMap((b) =>
    cures.flatMap((c) => {
      const both = { fromMin: Math.max(b.fromMin, c.fromMin), untilMin: Math.min(b.untilMin, c.untilMin) };
      return both.untilMin >= both.fromMin ? [both] : [];
    }),
  );
}
