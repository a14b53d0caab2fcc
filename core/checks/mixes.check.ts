/** Ratios, cups and yields: geometry and absolute volumes (ACI 211 and PCA, from memory), our own second arithmetic. */
import { describe, expect, it } from 'vitest';
import { bagYield, leastBatch, mortarYield, partToAdd, potLifeByMass, weightRatio } from '../src/mixing/proportions.ts';
import { evaluate } from '../src/quantity/formula.ts';

const near = (value: number, expected: number, off: number) => {
  expect(Math.abs(value - expected)).toBeLessThanOrEqual(off);
};

describe('mixing', () => {
  it('mass and pot life (judgement): ten times the mass leaves seven tenths, never under half', () => {
    const life = (batchG: number) => evaluate(potLifeByMass, { potLifeMin: 100, statedG: 100, batchG });
    near(life(1000), 70.79, 0.1);
    near(life(50_000), 50, 1e-9);
    near(life(1), 125, 1e-9);
  });
  it('ratio by weight, smallest batch, and what puts a wrong cup right (geometry)', () => {
    near(evaluate(weightRatio, { byVolume: 2, firstKgL: 1.12, secondKgL: 0.97 }), 2.309, 0.001);
    // a scale of one gram, five percent, a part of a third: twenty grams of it would be half a gram off at the most
    expect(evaluate(leastBatch, { divisionG: 1, tolerancePct: 5, partPct: 25 })).toBe(40);
    expect(evaluate(partToAdd, { firstG: 110, secondG: 50, byWeight: 2 })).toBe(5);
    expect(evaluate(partToAdd, { firstG: 90, secondG: 50, byWeight: 2 })).toBe(0);
  });
  it('yields by absolute volume (ours)', () => {
    near(evaluate(bagYield, { bagG: 20_000, waterG: 4000, freshKgL: 1.75 }), 13_714, 50);
    near(evaluate(bagYield, { bagG: 22_700, waterG: 4300, freshKgL: 1.6 }), 16_875, 50);
    // 25 kg of cement, three parts of sand by weight, half a part of water, four percent of air
    near(evaluate(mortarYield, { cementG: 25_000, sandG: 75_000, waterG: 12_500, cementKgL: 3.15, sandKgL: 2.65, airPct: 4 }) / 1000, 50.769, 0.1);
  });
});
