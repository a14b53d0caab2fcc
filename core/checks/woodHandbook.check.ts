/** Timber against the Wood Handbook, table 4-2, from memory; worked once more by hand (ours). */
import { describe, expect, it } from 'vitest';
import { timberMoisture } from '../src/climate/drying.ts';
import { evaluate } from '../src/quantity/formula.ts';

const near = (value: number, expected: number, off: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(off);
};

describe('timber, Wood Handbook table 4-2 (from memory)', () => {
  it.each([
    [20, 65, 12],
    [20, 80, 16],
    [20, 50, 9.3],
  ])('%d °C, %d percent: %d percent', (airC, humidityPct, expected) => {
    near(evaluate(timberMoisture, { airC, humidityPct }), expected, 0.2);
  });
  it('worked once more (ours)', () => {
    near(evaluate(timberMoisture, { airC: 20, humidityPct: 80 }), 16.037, 0.01);
    near(evaluate(timberMoisture, { airC: 20, humidityPct: 50 }), 9.2711, 0.01);
  });
});
