import type { QuantityKind, UnitSystem } from '@oddment/core';

/** An axis that begins, ends and steps at round numbers as people read them; all in base units. */
export interface Ticks {
  readonly min: number;
  readonly max: number;
  /** steps from least to most */
  readonly steps: number;
}

/** Base units in one unit as shown, and the base value that is shown as nothing. */
const shownUnits: Partial<Record<QuantityKind, readonly [scale: number, zero?: number]>> = {
  temperature: [5 / 9, -160 / 9],
  temperatureDifference: [5 / 9],
  length: [304.8],
  depth: [25.4],
  crackWidth: [25.4],
  film: [0.0254],
  grain: [25.4],
  volume: [29.5735295625],
  mass: [28.349523125],
  area: [92_903.04],
  speed: [1.609344],
  pressure: [1 / 145.037738],
  evaporation: [4.88242764],
  density: [0.119826427],
  spreading: [1 / 40.7458331],
};

const durationSteps = [0.5, 1, 2, 5, 10, 15, 30, 60, 120, 180, 360, 720, 1440, 2880, 5760, 10_080, 20_160, 40_320, 80_640, 161_280] as const;

function niceStep(span: number, count: number, duration: boolean): number {
  const least = span / count;
  if (duration) {
    const found = durationSteps.find((s) => s >= least);
    if (found !== undefined) return found;
  }
  const power = 10 ** Math.floor(Math.log10(least));
  return ([1, 2, 2.5, 5, 10].find((m) => m * power >= least * (1 - 1e-9)) ?? 10) * power;
}

/** Round ticks over a range, about so many steps of them. */
export function niceTicks(from: number, to: number, kind: QuantityKind, units: UnitSystem, count: number): Ticks {
  const [scale, zero = 0] = units === 'us' ? (shownUnits[kind] ?? [1]) : [1];
  const [low, high] = [(from - zero) / scale, (to - zero) / scale];
  const span = high - low > 0 ? high - low : Math.max(1, Math.abs(high));
  // of about so many steps those that leave least empty at the ends
  const ways = [count, count - 1, count + 1]
    .filter((n) => n >= 2)
    .map((n) => {
      const step = niceStep(span, n, kind === 'duration');
      const [first, last] = [Math.floor(low / step + 1e-9), Math.ceil(high / step - 1e-9)];
      const steps = Math.max(1, last - first);
      return { min: first * step, max: (first + steps) * step, steps };
    });
  const best = ways.reduce((a, b) => (b.max - b.min < (a.max - a.min) * 0.95 ? b : a));
  return { min: best.min * scale + zero, max: best.max * scale + zero, steps: best.steps };
}
