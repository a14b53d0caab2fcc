/** Doses of peroxide by temperature: common practice. */
import { describe, expect, it } from 'vitest';
import { doseAt, liquidPeroxide, pastePeroxide, withinSheet } from '../src/mixing/hardener.ts';
import { surveyedPlan } from '../test/defects.ts';
import { hardenerDrops, hardenerWeight } from '../src/mixing/proportions.ts';
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
  it('is never dosed under the least of a sheet on a warm day, nor over its most (common practice)', () => {
    const dose = (dosePct: number, leastPct: number) => evaluate(withinSheet, { dosePct, leastPct, mostPct: 3 });
    expect([dose(1.5, 1.8), dose(2.2, 1.8), dose(3.4, 1.8)]).toEqual([1.8, 2.2, 3]);
    // a sheet that doses 1.8 at 20 °C: a tenth less at 25 °C, as the usual doses go (2.0 and 1.8)
    near(evaluate(doseAt, { sheetPct: 1.8, usualPct: evaluate(liquidPeroxide, { roomC: 25 }), at20Pct: 2 }), 1.62, 1e-9);
  });
  it.each([
    ['tub-nick', 'gelcoat-paste', 'paste', { 18: 2.2, 25: 1.8, 30: 1.4 }],
    ['tub-hole', 'polyester-fiber-putty', 'fiber', { 18: 2.2, 25: 1.5, 30: 1.5 }],
  ] as const)('goes by the temperature in the plan: %s with %s', (kind, system, mix, doses) => {
    for (const [room, expected] of Object.entries(doses)) {
      const slabC = Number(room);
      const work = surveyedPlan(kind, {}, { slabC, airC: slabC }, { choice: { system, reason: 'tried' } }).work();
      const [resin, hardener] = work?.mixes.find((m) => m.id === mix)?.parts ?? [];
      near(((hardener?.amount.value ?? 0) / (resin?.amount.value ?? 1)) * 100, expected, 1e-6);
    }
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
