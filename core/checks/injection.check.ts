/** Ports, seal and foam: common practice and geometry. */
import { describe, expect, it } from 'vitest';
import { foamLiquid, portCount, sealVolume } from '../src/injection/ports.ts';
import { evaluate } from '../src/quantity/formula.ts';

describe('injection', () => {
  it('ports, paste and foam (common practice)', () => {
    expect(evaluate(portCount, { lengthMm: 2400, spacingMm: 200 })).toBe(13);
    expect(evaluate(portCount, { lengthMm: 2410, spacingMm: 200 })).toBe(14);
    // a third of a liter a meter of strip, a hundred wide and three thick
    expect(evaluate(sealVolume, { lengthMm: 1000, stripMm: 100, thicknessMm: 3 })).toBe(300);
    expect(evaluate(foamLiquid, { voidMl: 1000, rise: 3, reserve: 1.5 })).toBe(500);
  });
});
