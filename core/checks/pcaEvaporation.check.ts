// PCA, Design and Control of Concrete Mixtures: drying-tendency table, from memory, in lb/ft²h.
// Columns: concrete °F, air °F, humidity %, wind mph, table value.
import { describe, expect, it } from 'vitest';
import { evaporation } from '../src/climate/humidAir.ts';
import { evaluate } from '../src/quantity/formula.ts';

const table: readonly (readonly [number, number, number, number, number])[] = [
  [70, 70, 70, 0, 0.015],
  [70, 70, 70, 5, 0.038],
  [70, 70, 70, 10, 0.062],
  [70, 70, 70, 15, 0.085],
  [70, 70, 90, 10, 0.02],
  [70, 70, 50, 10, 0.1],
  [70, 70, 30, 10, 0.135],
  [50, 50, 70, 10, 0.026],
  [60, 60, 70, 10, 0.043],
  [70, 80, 70, 10, 0],
  [70, 50, 70, 10, 0.125],
  [70, 30, 70, 10, 0.165],
  [80, 40, 100, 10, 0.205],
  [70, 40, 100, 10, 0.13],
  [60, 40, 100, 10, 0.075],
  [70, 40, 50, 0, 0.035],
  [70, 40, 50, 10, 0.162],
  [60, 70, 50, 10, 0.045],
  [90, 90, 10, 10, 0.336],
  [90, 90, 10, 25, 0.74],
];
const celsius = (f: number) => (f - 32) / 1.8;

describe('evaporation from fresh cement', () => {
  it.each(table)('concrete %d °F, air %d °F, %d %%, %d mph: %d lb/ft²h', (surface, air, humidityPct, mph, wanted) => {
    const perHour = evaluate(evaporation, { surfaceC: celsius(surface), airC: celsius(air), humidityPct, windKmh: mph * 1.609344 }) * 0.204816;
    expect(Math.abs(perHour - wanted)).toBeLessThanOrEqual(Math.max(0.015, wanted * 0.1));
  });

  it('is our own arithmetic at 20 °C, 50 %, still air', () => {
    expect(evaluate(evaporation, { surfaceC: 20, airC: 20, humidityPct: 50, windKmh: 0 })).toBeCloseTo(0.09327, 3);
  });

  it('is never below nothing, and grows with the wind', () => {
    expect(evaluate(evaporation, { surfaceC: 5, airC: 30, humidityPct: 100, windKmh: 20 })).toBe(0);
    expect(evaluate(evaporation, { surfaceC: 25, airC: 20, humidityPct: 50, windKmh: 20 })).toBeGreaterThan(
      evaluate(evaporation, { surfaceC: 25, airC: 20, humidityPct: 50, windKmh: 5 }),
    );
  });
});
