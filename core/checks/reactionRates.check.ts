// Arrhenius and the ten-kelvin rule: our own second arithmetic. Equivalent age: ASTM C1074, formula from memory.
import { describe, expect, it } from 'vitest';
import { arrheniusMultiplier, cementWait, equivalentAgeFactor, gelTime, resinWait, windowClose, workingMultiplier } from '../src/cure/reaction.ts';
import { evaluate } from '../src/quantity/formula.ts';

describe('Arrhenius, 55 kJ/mol against 23 °C', () => {
  it.each([
    [5, 4.2439],
    [15, 1.8592],
    [20, 1.2568],
    [25, 0.86085],
    [30, 0.59704],
  ])('at %d °C is %d', (t, wanted) => {
    expect(arrheniusMultiplier(t, 55)).toBeCloseTo(wanted, 3);
  });
});

describe('working time: the shorter of doubling per 10 K and 60 kJ/mol', () => {
  it.each([
    [5, 3.4822],
    [20, 1.2311],
    [23, 1],
  ])('below the reference at %d °C it doubles: %d', (t, wanted) => {
    expect(workingMultiplier(t)).toBeCloseTo(wanted, 3);
  });
  it.each([25, 30, 35])('above it at %d °C it is the Arrhenius one', (t) => {
    expect(workingMultiplier(t)).toBeCloseTo(arrheniusMultiplier(t, 60), 9);
    expect(workingMultiplier(t)).toBeLessThanOrEqual(2 ** ((23 - t) / 10));
  });
  it('never promises more than the wait assumes', () => {
    for (let t = -10; t <= 45; t += 1) {
      const working = evaluate(gelTime, { gelAt23Min: 6, temperatureC: t });
      const waiting = evaluate(resinWait, { waitAt23Min: 6, temperatureC: t, activationKjMol: 55 });
      if (t <= 23) expect(working).toBeLessThanOrEqual(waiting + 1e-9);
      expect(evaluate(windowClose, { windowAt23Min: 1440, temperatureC: t })).toBeLessThanOrEqual(1440);
    }
  });
});

describe('equivalent age, Q 5000 K against 23 °C', () => {
  it.each([
    [-5, 0.17154],
    [0, 0.24132],
    [10, 0.46064],
    [20, 0.84132],
    [25, 1.1199],
    [30, 1.4768],
    [35, 1.9299],
    [40, 2.5006],
  ])('factor at %d °C is %d', (t, wanted) => {
    expect(equivalentAgeFactor(t, 5000)).toBeCloseTo(wanted, 3);
  });
  it('makes 24 h at 23 °C into 49 h at 11 °C (worked by hand)', () => {
    expect(evaluate(cementWait, { waitAt23Min: 1440, temperatureC: 11, activationK: 5000 }) / 60).toBeCloseTo(49.0, 0);
  });
});
