/**
 * Kubelka and Munk (1931) and Saunderson (1942) by second arithmetic (ours); CIE white of D65 and CIE L*a*b* and CIEDE2000
 * against culori, a library of others (published, read in its code); color-matching functions and D65 are from memory.
 */
import { differenceCiede2000, converter } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { deltaE2000 } from '../src/color/difference.ts';
import { absorptionRatio, hidingReflectance, innerReflectance, mixedColor, opticsOf } from '../src/color/mixing.ts';
import { labOf, smoothSpectrum, white } from '../src/color/spectrum.ts';
import { usualTints, whiteBase } from '../src/color/usualColorants.ts';
import { evaluate } from '../src/quantity/formula.ts';

describe('Kubelka and Munk', () => {
  it.each([
    [0.05, 9.025],
    [0.25, 1.125],
    [0.5, 0.25],
    [0.75, 0.0416667],
    [0.9, 0.00555556],
  ])('reflectance %d: %d', (reflectance, ratio) => {
    expect(Math.abs(evaluate(absorptionRatio, { reflectance }) - ratio)).toBeLessThanOrEqual(1e-4);
    expect(evaluate(hidingReflectance, { ratio: evaluate(absorptionRatio, { reflectance }) })).toBeCloseTo(reflectance, 9);
  });
  it('Saunderson at one half', () => {
    expect(Math.abs(evaluate(innerReflectance, { measured: 0.5, outer: 0.04, inner: 0.6 }) - 0.69697)).toBeLessThanOrEqual(1e-4);
  });
});

describe('D65 and CIE L*a*b*', () => {
  it('has the white of the standard observer', () => {
    expect(Math.abs(white[0] - 0.95047)).toBeLessThan(0.001);
    expect(Math.abs(white[2] - 1.08883)).toBeLessThan(0.001);
  });
  it('a flat gray is gray, of the lightness that culori gives it', () => {
    const lab65 = converter('lab65');
    for (const y of [0.05, 0.18, 0.5, 0.9]) {
      const own = labOf(new Array<number>(33).fill(y));
      const theirs = lab65({ mode: 'xyz65', x: y * 0.95047, y, z: y * 1.08883 });
      expect(Math.abs(own.l - theirs.l)).toBeLessThan(0.01);
      expect(Math.hypot(own.a, own.b)).toBeLessThan(1e-6);
    }
  });
});

it('differences agree with culori over random pairs', () => {
  const theirs = differenceCiede2000();
  // as meters show them; hues exactly opposite may be averaged on either side
  const tenth = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((v) => v / 10 + 0.003);
  const lab = fc.record({ l: tenth(1, 98), a: tenth(-80, 80), b: tenth(-80, 80) });
  fc.assert(
    fc.property(lab, lab, (one, two) => {
      expect(Math.abs(deltaE2000(one, two) - theirs({ mode: 'lab65', ...one }, { mode: 'lab65', ...two }))).toBeLessThan(1e-6);
    }),
    { numRuns: 1000 },
  );
});

describe('spectra', () => {
  it('have the color they are made for, between nothing and all', () => {
    const paint = fc.record({
      l: fc.double({ min: 30, max: 88, noNaN: true }),
      a: fc.double({ min: -18, max: 25, noNaN: true }),
      b: fc.double({ min: -15, max: 40, noNaN: true }),
    });
    fc.assert(
      fc.property(paint, (lab) => {
        const spectrum = smoothSpectrum(lab);
        for (const r of spectrum) expect(r > 0 && r < 1).toBe(true);
        const got = labOf(spectrum);
        expect(Math.hypot(got.l - lab.l, got.a - lab.a, got.b - lab.b)).toBeLessThan(0.01);
      }),
      { numRuns: 100 },
    );
  });

  it('of one paint with itself stay that paint; black darkens white by far more than its share', () => {
    const [white1, black] = [opticsOf(whiteBase), opticsOf(usualTints.find((t) => t.id === 'black') ?? whiteBase)];
    const same = mixedColor([white1, white1], [70, 30], [1, 1]);
    expect(same.l).toBeCloseTo(whiteBase.masstone.l, 1);
    const tinted = mixedColor([white1, black], [99, 1], [1, 1]).l;
    expect(whiteBase.masstone.l - tinted).toBeGreaterThan(10);
    expect(mixedColor([white1, black], [98, 2], [1, 1]).l).toBeLessThan(tinted);
  });
});
