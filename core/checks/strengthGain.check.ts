/**
 * Strength gain against ACI 209R-92, table 2.2.1 (type I cement, moist cured: age over four and 0.85 times the age), from
 * memory; maturity and the hyperbolic law worked once more by hand (ours).
 */
import { describe, expect, it } from 'vitest';
import { ageAtStrength, maturityIndex, mistingEvery, strengthAtAge } from '../src/cure/strength.ts';
import { equivalentAgeFactor } from '../src/cure/reaction.ts';
import { evaluate } from '../src/quantity/formula.ts';

const day = 1440;
const table = [
  [3, 0.46, 0.0051],
  [7, 0.7, 0.0051],
  [14, 0.88, 0.0051],
  [21, 0.96, 0.0051],
  [56, 1.08, 0.006],
  [91, 1.12, 0.0051],
  [365, 1.16, 0.0051],
] as const;
// t/(a + b·t) is the hyperbolic law with a final strength of 1/b and a rate of b/a, without a set
const [a, b] = [4, 0.85];

describe('ACI 209R', () => {
  it.each(table)('after %d days: %d of the strength at twenty-eight', (days, share, off) => {
    expect(Math.abs(evaluate(strengthAtAge, { finalMpa: 1 / b, ratePerDay: b / a, ageMin: days * day, setMin: 0 }) - share)).toBeLessThanOrEqual(off);
  });
});

describe('the hyperbolic law', () => {
  const law = { finalMpa: 45, ratePerDay: 0.45, setMin: 0.3 * day };
  it.each([
    [1, 10.779],
    [7, 33.792],
    [28, 41.658],
  ])('after %d days: %d MPa (ours)', (days, expected) => {
    expect(Math.abs(evaluate(strengthAtAge, { ...law, ageMin: days * day }) - expected)).toBeLessThanOrEqual(0.001);
  });

  it('opens a gate at the age at which that strength is reached, and none before the set', () => {
    for (const wantedMpa of [5, 10.779, 17, 40]) {
      const ageMin = evaluate(ageAtStrength, { wantedMpa, ...law });
      expect(evaluate(strengthAtAge, { ...law, ageMin })).toBeCloseTo(wantedMpa, 6);
    }
    expect(evaluate(strengthAtAge, { ...law, ageMin: 0.2 * day })).toBe(0);
    expect(evaluate(ageAtStrength, { wantedMpa: 46, ...law })).toBeGreaterThan(1e8);
  });
});

describe('maturity', () => {
  const profile = { temperatureC: [25, 18, 10, 14], stretchMin: [6, 12, 30, 24].map((h) => h * 60) };
  it('adds up by hand (ours)', () => {
    expect(evaluate(maturityIndex, { ...profile, datumC: 0 })).toBe(1002);
    expect(evaluate(maturityIndex, { ...profile, datumC: -10 })).toBe(1722);
    expect(evaluate(maturityIndex, { temperatureC: [-12], stretchMin: [day], datumC: -10 })).toBe(0);
  });

  it('comes to an equivalent age at the reference temperature (ASTM C1074, worked once more)', () => {
    const hours = profile.temperatureC.reduce((sum, t, i) => sum + (equivalentAgeFactor(t, 5000) * (profile.stretchMin[i] ?? 0)) / 60, 0);
    expect(Math.abs(hours - 43.6565)).toBeLessThanOrEqual(0.01);
  });
});

it('a film of half a millimeter lasts half an hour at one kilogram a square meter and hour', () => {
  expect(evaluate(mistingEvery, { filmMm: 0.5, evaporationKgM2h: 1, reserve: 0 })).toBe(30);
  expect(evaluate(mistingEvery, { filmMm: 0.5, evaporationKgM2h: 0.5, reserve: 0.5 })).toBe(30);
});
