/** Wet bulb against psychrolib, which follows ASHRAE Fundamentals, chapter 1 (published; its code was read). */
import psychrolib from 'psychrolib';
import { describe, expect, it } from 'vitest';
import { settlesAs, wetBulb } from '../src/climate/humidAir.ts';
import { evaluate } from '../src/quantity/formula.ts';

const near = (value: number, expected: number, off: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(off);
};

describe('wet bulb, against psychrolib (ASHRAE Fundamentals, chapter 1)', () => {
  psychrolib.SetUnitSystem(psychrolib.SI);
  const grid = [-10, -2, 3, 8, 15, 22, 30, 38].flatMap((t) => [15, 40, 65, 90].map((rh) => [t, rh] as const));
  it.each(grid)('%d °C, %d percent', (airC, humidityPct) => {
    near(evaluate(wetBulb, { airC, humidityPct }), psychrolib.GetTWetBulbFromRelHum(airC, humidityPct / 100, 101_325), 0.05);
  });
  it('is the air itself in saturated air, and frost is told from dew', () => {
    expect(evaluate(wetBulb, { airC: 18, humidityPct: 100 })).toBe(18);
    expect([settlesAs(-0.1), settlesAs(0.1)]).toEqual(['frost', 'dew']);
  });
});
