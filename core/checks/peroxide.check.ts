/** Doses of peroxide by temperature: common practice. */
import { describe, expect, it } from 'vitest';
import { hardenerDrops, hardenerWeight, liquidPeroxide, pastePeroxide } from '../src/mixing/proportions.ts';
import { evaluate } from '../src/quantity/formula.ts';

const near = (value: number, expected: number, off: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(off);
};

describe('hardener (common practice)', () => {
  it.each([
    [15, 2.5],
    [20, 2],
    [25, 1.5],
    [35, 1.5],
  ])('paste at %d °C: %d percent', (roomC, expected) => {
    near(evaluate(pastePeroxide, { roomC }), expected, 1e-9);
  });
  it.each([
    [16, 2.4],
    [18, 2.2],
    [20, 2],
    [25, 1.8],
    [22.5, 1.9],
    [35, 1.2],
  ])('liquid at %d °C: %d percent', (roomC, expected) => {
    near(evaluate(liquidPeroxide, { roomC }), expected, 1e-9);
  });
  it('is not given below the coldest it works at', () => {
    expect(() => evaluate(pastePeroxide, { roomC: 14 })).toThrow(/must lie between 15/);
    expect(() => evaluate(liquidPeroxide, { roomC: 15 })).toThrow(/must lie between 16/);
  });
  it('by weight and by counted drops', () => {
    const hardenerG = evaluate(hardenerWeight, { resinG: 250, dosePct: 2 });
    expect(hardenerG).toBe(5);
    expect(evaluate(hardenerDrops, { hardenerG: 1.13, densityKgL: 1.13, dropsPerMl: 34 })).toBe(34);
  });
});
