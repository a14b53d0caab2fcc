import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { tell } from '../quantity/saying.ts';
import { cupHeight, cupMarks, toDivision } from './cups.ts';
import { putRight, type WeighedCup } from './putRight.ts';

describe('a marked cup', () => {
  it('gives whole marks that count up, and no less than is needed', () => {
    expect(cupMarks(100, [2, 1], 10, 500, 5)).toEqual({
      state: 'marks',
      marks: [
        { part: 0, untilMl: 80 },
        { part: 1, untilMl: 120 },
      ],
      totalMl: 120,
      offPct: 0,
    });
    expect(cupMarks(300, [4, 1, 1], 50, 600, 5)).toMatchObject({ state: 'marks', totalMl: 300, marks: [{ untilMl: 200 }, { untilMl: 250 }, { untilMl: 300 }] });
  });

  it('keeps to the ratio within its tolerance, whatever is asked of it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 400, noNaN: true }),
        fc.array(fc.integer({ min: 1, max: 10 }), { minLength: 2, maxLength: 3 }),
        fc.constantFrom(1, 5, 10, 25),
        (needed, parts, division) => {
          const found = cupMarks(needed, parts, division, 500, 5);
          if (found.state === 'weigh') return;
          const poured = found.marks.map((m, i) => m.untilMl - (found.marks[i - 1]?.untilMl ?? 0));
          expect(poured.reduce((a, b) => a + b, 0)).toBeCloseTo(found.totalMl, 9);
          expect(found.totalMl).toBeGreaterThanOrEqual(needed * (1 - 1e-9));
          expect(found.totalMl).toBeLessThanOrEqual(500);
          poured.forEach((p, i) => {
            expect(p / division).toBeCloseTo(Math.round(p / division), 9);
            expect(Math.abs(p / (parts[i] ?? 1) / ((poured[0] ?? 1) / (parts[0] ?? 1)) - 1)).toBeLessThanOrEqual(0.05 + 1e-9);
          });
        },
      ),
    );
  });

  it('says weigh where the cup is too small, or its marks too coarse for the ratio', () => {
    expect(cupMarks(600, [2, 1], 10, 500, 5)).toEqual({ state: 'weigh', why: 'cup' });
    expect(cupMarks(40, [100, 3], 50, 400, 5)).toEqual({ state: 'weigh', why: 'ratio' });
  });

  it('is filled to a height that holds the volume (frustum of a cone)', () => {
    const cup = { bottomMm: 60, topMm: 80, deepMm: 100 };
    const whole = (Math.PI * 100 * (60 ** 2 + 60 * 80 + 80 ** 2)) / 12 / 1000;
    expect(evaluate(cupHeight, { ...cup, volumeMl: whole })).toBeCloseTo(100, 6);
    expect(evaluate(cupHeight, { ...cup, volumeMl: (Math.PI * 50 * (60 ** 2 + 60 * 70 + 70 ** 2)) / 12 / 1000 })).toBeCloseTo(50, 6);
    expect(() => evaluate(cupHeight, { ...cup, volumeMl: whole * 1.01 })).toThrow(/does not hold that much/);
  });

  it('a weight goes up to the next division, never to the short side', () => {
    expect(evaluate(toDivision, { weightG: 12.01, divisionG: 0.5 })).toBe(12.5);
    expect(evaluate(toDivision, { weightG: 12.5, divisionG: 0.5 })).toBe(12.5);
  });
});

describe('a mis-weighed cup', () => {
  const cup: WeighedCup = { firstG: 100, secondG: 50, byWeight: 2, tolerancePct: 5, roomG: 200, potLifeMin: 30 };
  const told = (more: Partial<WeighedCup>) => {
    const v = putRight({ ...cup, ...more });
    return [v.state, v.add?.part, v.add?.grams.value, tell(v.saying, { units: 'metric', timeZone: 'UTC' })] as const;
  };

  it('is right within its tolerance, both ways', () => {
    expect(told({ firstG: 104.9 })[0]).toBe('right');
    expect(told({ firstG: 95.5 })[0]).toBe('right');
  });

  it('is put right by adding what is short, which then sums up', () => {
    expect(told({ firstG: 120 })).toMatchObject(['add', 'second', 10, /^It is 20 % off the ratio. Add 10 g of the second part/]);
    expect(told({ secondG: 60 })).toMatchObject(['add', 'first', 20, expect.any(String)]);
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 300, noNaN: true }),
        fc.double({ min: 1, max: 300, noNaN: true }),
        fc.double({ min: 0.2, max: 20, noNaN: true }),
        (firstG, secondG, byWeight) => {
          const v = putRight({ ...cup, firstG, secondG, byWeight, roomG: 1e6 });
          if (v.state !== 'add' || !v.add) return;
          const first = firstG + (v.add.part === 'first' ? v.add.grams.value : 0);
          const second = secondG + (v.add.part === 'second' ? v.add.grams.value : 0);
          expect(first / second / byWeight).toBeCloseTo(1, 6);
          expect(v.add.grams.value).toBeGreaterThan(0);
        },
      ),
    );
  });

  it('is discarded with the reason: no room, or already setting', () => {
    expect(told({ secondG: 200 })).toMatchObject(['discard', undefined, undefined, /wants 300 g more of the first part, and the cup has room for 200 g/]);
    expect(told({ firstG: 120, stirredMin: 12 })).toMatchObject(['discard', undefined, undefined, /already setting/]);
    expect(told({ firstG: 120, stirredMin: 3 })[0]).toBe('add');
  });
});
