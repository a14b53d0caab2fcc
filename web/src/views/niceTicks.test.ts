import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { niceTicks } from './niceTicks.ts';

const near = (n: number) => Number(n.toFixed(6));

describe('ticks', () => {
  it('are round as people read them', () => {
    expect(niceTicks(0, 98, 'percent', 'metric', 5)).toEqual({ min: 0, max: 100, steps: 5 });
    expect(niceTicks(3, 44, 'temperature', 'metric', 5)).toEqual({ min: 0, max: 50, steps: 5 });
    const f = niceTicks(3, 44, 'temperature', 'us', 5);
    expect([near(f.min * 1.8 + 32), near(f.max * 1.8 + 32)]).toEqual([20, 120]);
    expect(niceTicks(0, 500, 'duration', 'metric', 5)).toEqual({ min: 0, max: 540, steps: 3 });
    expect(near(niceTicks(0, 60, 'depth', 'us', 4).max / 25.4)).toBe(2.5);
  });

  it('hold the whole range, in no more steps than about asked', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        fc.double({ min: 1e-3, max: 1e5, noNaN: true }),
        fc.constantFrom('ratio', 'temperature', 'duration', 'depth', 'volume' as const),
        fc.constantFrom('metric', 'us' as const),
        fc.integer({ min: 2, max: 8 }),
        (from, span, kind, units, count) => {
          const t = niceTicks(from, from + span, kind, units, count);
          expect(t.min).toBeLessThanOrEqual(from + span * 1e-6);
          expect(t.max).toBeGreaterThanOrEqual(from + span * (1 - 1e-6));
          expect(t.steps).toBeGreaterThanOrEqual(1);
          expect(t.steps).toBeLessThanOrEqual(count + 2);
        },
      ),
    );
  });
});
