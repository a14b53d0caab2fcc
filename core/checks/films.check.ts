/** Films and paint: our own second arithmetic. */
import { describe, expect, it } from 'vitest';
import { paintNeeded, wetFilm } from '../src/finishing/face.ts';
import { evaluate } from '../src/quantity/formula.ts';

const near = (value: number, expected: number, off: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(off);
};

describe('films and paint (ours)', () => {
  it('wet from dry', () => {
    near(evaluate(wetFilm, { dryMm: 0.03, solidsPct: 40, thinnedPct: 0 }) * 1000, 75, 0.01);
    near(evaluate(wetFilm, { dryMm: 0.025, solidsPct: 35, thinnedPct: 0 }) * 1000, 71.429, 0.01);
    near(evaluate(wetFilm, { dryMm: 0.03, solidsPct: 40, thinnedPct: 10 }) * 1000, 82.5, 0.01);
  });
  it('a tub of two coats, with what the gun loses', () => {
    near(evaluate(paintNeeded, { areaMm2: 2.4e6, coats: 2, dryMm: 0.06, solidsPct: 42, transferPct: 60, wastePct: 10 }) / 1000, 1.2698, 0.001);
  });
});
