/** Board and mesh: common practice; screws as in ASTM C840, from memory. */
import { describe, expect, it } from 'vitest';
import { backerRod, featherWidth, flashTime, meshStrips, plugBlank, plugOpening, screwCount } from '../src/finishing/face.ts';
import { evaluate } from '../src/quantity/formula.ts';

describe('board and mesh (common practice; screws ASTM C840, from memory)', () => {
  it('plug, screws, strips', () => {
    expect(evaluate(plugOpening, { coreMm: 90, gapMm: 2 })).toBe(94);
    expect(evaluate(plugBlank, { coreMm: 90, flangeMm: 32 })).toBe(154);
    expect(evaluate(screwCount, { lengthMm: 600, spacingMm: 200, endMm: 10 })).toBe(4);
    expect(evaluate(meshStrips, { sizeMm: 100, marginMm: 40, stripMm: 75, lapMm: 12 })).toBe(3);
  });
  it('feather by light: twice as flat in raking light', () => {
    expect(evaluate(featherWidth, { humpMm: 1, run: 100 })).toBe(100);
    expect(evaluate(featherWidth, { humpMm: 1, run: 200 })).toBe(200);
  });
  it('a rod is compressed, never stretched; none is said where none is right', () => {
    const stock = [6, 10, 13, 16, 19, 25];
    expect(backerRod(10, stock)).toBe(13);
    expect(backerRod(8, stock)).toBe(10);
    expect(backerRod(11, stock)).toBeUndefined();
  });
  it('flash goes from half a minute small and flat to two large and upright', () => {
    const flash = (areaMm2: number, upright: number) => evaluate(flashTime, { areaMm2, upright });
    expect([flash(5000, 0), flash(1e6, 0), flash(5000, 1), flash(1e6, 1)]).toEqual([0.5, 1, 1, 2]);
  });
});
