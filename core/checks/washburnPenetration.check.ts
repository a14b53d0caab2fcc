// Cubic law and Washburn between plates with gravity downward, viscosity doubling over the pot life: our own
// second arithmetic (γ 35 mN/m, contact angle 40°, density 1.08 kg/L); upper bounds.
import { describe, expect, it } from 'vitest';
import { gravityDepth, roughDepth } from '../src/injection/gravityDepth.ts';
import { evaluate } from '../src/quantity/formula.ts';

const reach = (widthMm: number, viscosityMpas: number, potLifeMin: number) =>
  evaluate(gravityDepth, { widthMm, viscosityMpas, potLifeMin, tensionMnm: 35, contactDeg: 40, densityKgL: 1.08 });

describe('how deep a thin resin gets', () => {
  it.each([
    [0.05, 50, 5, 50.56],
    [0.05, 100, 5, 34.36],
    [0.05, 500, 5, 14.55],
    [0.1, 10, 5, 287.1],
    [0.1, 50, 5, 89.88],
    [0.1, 100, 5, 57.53],
    [0.2, 10, 5, 853.8],
    [0.2, 50, 5, 209.1],
    [0.2, 200, 5, 72.39],
    [0.2, 500, 5, 38.81],
    [0.5, 10, 5, 4837],
    [0.5, 50, 5, 1002],
    [0.5, 100, 5, 517.5],
    [0.5, 200, 5, 272.5],
    [1, 100, 5, 1940],
    [2, 200, 5, 3839],
    [0.05, 10, 15, 276.6],
    [0.05, 100, 15, 63.81],
    [0.05, 500, 15, 26.03],
    [0.1, 10, 15, 710.2],
    [0.1, 200, 15, 74.43],
    [0.1, 100, 30, 194.4],
  ])('%d mm wide, %d mPa·s, %d min: %d mm', (w, mu, t, wanted) => {
    expect(Math.abs(reach(w, mu, t) - wanted) / wanted).toBeLessThan(0.003);
  });

  it('is less for a finer crack, a thicker resin, a shorter pot life', () => {
    expect(reach(0.1, 100, 15)).toBeLessThan(reach(0.2, 100, 15));
    expect(reach(0.1, 200, 15)).toBeLessThan(reach(0.1, 100, 15));
    expect(reach(0.1, 100, 10)).toBeLessThan(reach(0.1, 100, 15));
  });

  it('a real crack lies below the bound: four times as slow is what the smooth one reaches in a quarter of the pot life (our own arithmetic)', () => {
    const rough = (roughness: number) =>
      evaluate(roughDepth, { widthMm: 0.2, viscosityMpas: 50, potLifeMin: 20, tensionMnm: 35, contactDeg: 40, densityKgL: 1.08, roughness });
    expect(Math.abs(rough(4) - 209.1) / 209.1).toBeLessThan(0.003);
    expect(rough(1)).toBeCloseTo(reach(0.2, 50, 20), 9);
  });
});
