import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atLeast, atMost, round12, wholeAbove } from './round.ts';

describe('round12', () => {
  it('gives the same as twelve significant decimal digits', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e12, max: 1e12, noNaN: true }).filter((v) => Math.abs(v) > 1e-9),
        (value) => {
          const wanted = Number(value.toPrecision(12));
          // one unit in the twelfth digit: ties may fall to either side of a decimal
          expect(Math.abs(round12(value) - wanted)).toBeLessThanOrEqual(Math.abs(wanted) * 1.01e-11);
        },
      ),
    );
  });

  it('is idempotent', () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (value) => {
        expect(round12(round12(value))).toBe(round12(value));
      }),
    );
  });

  it('leaves whole numbers and nothing as they are', () => {
    expect(round12(4200)).toBe(4200);
    expect(round12(0)).toBe(0);
    expect(round12(-0)).toBe(0);
  });

  it('takes away the noise of the last bits', () => {
    expect(round12(0.1 + 0.2)).toBe(0.3);
    expect(round12(6.35 * 3)).toBe(19.05);
  });

  it('handles the very small and the very large', () => {
    expect(round12(1.23456789012345e-15)).toBe(1.23456789012e-15);
    expect(round12(1.23456789012345e15)).toBe(1.23456789012e15);
  });
});

describe('comparing with slack', () => {
  it('lets a hair over a limit pass, and no more', () => {
    expect(atMost(3.0000000001, 3)).toBe(true);
    expect(atMost(3.001, 3)).toBe(false);
    expect(atLeast(2.9999999999, 3)).toBe(true);
    expect(atLeast(2.999, 3)).toBe(false);
  });

  it('counts whole parts without being fooled by noise', () => {
    expect(wholeAbove(3.0000000000001)).toBe(3);
    expect(wholeAbove(3.01)).toBe(4);
    expect(wholeAbove(19.05 / 6.35)).toBe(3);
  });
});
