/** Drying factors, damp walls and solvent in a room: common practice and the ideal gas (ours). */
import { describe, expect, it } from 'vitest';
import { compoundDrying, settingWorkingTime, solventLimit, wallDrying } from '../src/climate/drying.ts';
import { evaluate } from '../src/quantity/formula.ts';

const near = (value: number, expected: number, off: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(off);
};

describe('drying and the air of a room', () => {
  const hours = (thicknessMm: number, cover: number, draft: number) => evaluate(compoundDrying, { airC: 20, humidityPct: 50, thicknessMm, cover, draft }) / 60;
  it('thicker coats take longer than in proportion, air and no tape shorten it', () => {
    expect(hours(1.5, 1, 1) / hours(1, 1, 1)).toBeCloseTo(1.5, 9);
    expect(hours(3, 1, 1) / hours(1.5, 1, 1)).toBeCloseTo(2 ** 1.25, 9);
    expect(hours(1, 0.65, 0.75)).toBeCloseTo(hours(1, 1, 1) * 0.65 * 0.75, 9);
  });
  it('a damp wall is checked after a month for each inch', () => {
    near(evaluate(wallDrying, { thicknessMm: 254 }), 304.4, 0.1);
  });
  it('a bathroom of nine cubic meters bears about seventy milliliters of acetone at a tenth of the limit', () => {
    near(evaluate(solventLimit, { share: 0.1, limitPct: 2.5, roomMl: 9e6, molarG: 58.08, densityKgL: 0.784 }), 68, 2);
  });
});

it.each([
  [20, 10, 15],
  [45, 25, 35],
  [90, 50, 75],
])('setting compound of %d minutes is worked for %d to %d (common practice)', (namedMin, least, most) => {
  const minutes = evaluate(settingWorkingTime, { namedMin });
  expect(minutes).toBeGreaterThanOrEqual(least);
  expect(minutes).toBeLessThanOrEqual(most);
});
