// Linear packing model with de Larrard's interaction functions, from memory; single size and surplus: common practice.
import { describe, expect, it } from 'vitest';
import { fineShare, resinForSand, sandForVolume, sandPackingOne, sandPackingTwo } from '../src/mixing/sandPacking.ts';
import { evaluate } from '../src/quantity/formula.ts';

const two = (ratio: number, mixingLoss = 0) => evaluate(sandPackingTwo, { coarseMm: ratio * 0.1, fineMm: 0.1, porosity: 0.4, mixingLoss });

describe('two sands', () => {
  it.each([
    [2, 0.3372, 0.329],
    [3, 0.2998, 0.343],
    [4, 0.2767, 0.344],
    [6, 0.2495, 0.341],
    [20, 0.1996, 0.324],
  ])('ratio %d leaves voids of %d, with %d fine', (ratio, voids, share) => {
    expect(Math.abs(1 - two(ratio) - voids)).toBeLessThanOrEqual(0.005);
    expect(Math.abs(evaluate(fineShare, { coarseMm: ratio * 0.1, fineMm: 0.1, porosity: 0.4 }) - share)).toBeLessThanOrEqual(0.005);
  });

  it('never pack worse than one alone, and lose what mixing loses', () => {
    expect(two(1)).toBeCloseTo(0.6, 6);
    expect(two(3, 0.03)).toBeCloseTo(two(3) - 0.03, 9);
    expect(two(2, 0.2)).toBeCloseTo(0.6, 9);
  });

  it('do not care which is called coarse', () => {
    const swapped = evaluate(sandPackingTwo, { coarseMm: 0.6, fineMm: 1.2, porosity: 0.4, mixingLoss: 0 });
    expect(swapped).toBeCloseTo(two(2), 6);
  });
});

describe('resin for the voids', () => {
  it.each([
    [0.38, 0.4256, 1.643],
    [0.42, 0.4704, 1.537],
    [0.46, 0.5152, 1.431],
    [0.2566, 0.2873, 1.97],
  ])('voids %d take %d L a liter, beside %d kg sand', (voids, litres, kg) => {
    const packing = 1 - voids;
    expect(evaluate(resinForSand, { volumeMl: 1000, packing, surplus: 1.12 }) / 1000).toBeCloseTo(litres, 3);
    expect(evaluate(sandForVolume, { volumeMl: 1000, packing, grainKgL: 2.65 }) / 1000).toBeCloseTo(kg, 3);
  });

  it('leaves four tenths between grains of one size: about 3.6 to 1 by weight with a resin of 1.1 kg/L', () => {
    const packing = evaluate(sandPackingOne, { porosity: 0.4 });
    expect(packing).toBeCloseTo(0.6);
    expect((packing * 2.65) / ((1 - packing) * 1.1)).toBeCloseTo(3.6, 1);
  });
});
