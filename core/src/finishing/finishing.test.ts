import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { backerLength, dabCount, dabVolume, jointCompound, tapeLength } from './board.ts';
import { applications, coatCount, jarCount, spreadingRate } from './spray.ts';

describe('board', () => {
  it('tape, dabs, backers and compound by hand', () => {
    expect(evaluate(tapeLength, { widthMm: 400, heightMm: 300, lapMm: 25 })).toBe(1500);
    // half a meter between the outer dabs across: two gaps; eight hundred down: three
    expect(evaluate(dabCount, { widthMm: 600, heightMm: 900, spacingMm: 300, edgeMm: 50 })).toBe(3 * 4);
    expect(evaluate(dabCount, { widthMm: 100, heightMm: 100, spacingMm: 300, edgeMm: 50 })).toBe(1);
    expect(evaluate(dabVolume, { dabs: 12, acrossMm: 100, thickMm: 10 })).toBeCloseTo(942.48, 2);
    expect(evaluate(backerLength, { openingMm: 250, bearingMm: 75 })).toBe(400);
    expect(evaluate(jointCompound, { lengthMm: 2000, coatMm: 200, thicknessMm: 1, wastePct: 20 })).toBe(250);
  });
});

describe('paint', () => {
  it.each([
    [35, 0.025, 14],
    [65, 0.1, 6.5],
    [100, 0.25, 4],
  ])('%d percent of solids at %d mm: %d m² a liter', (solidsPct, dryMm, expected) => {
    expect(evaluate(spreadingRate, { solidsPct, dryMm, transferPct: 100 })).toBeCloseTo(expected, 9);
  });

  it('half of it where half reaches the face; coats and jars are whole', () => {
    expect(evaluate(spreadingRate, { solidsPct: 40, dryMm: 0.04, transferPct: 50 })).toBeCloseTo(5, 9);
    expect(evaluate(coatCount, { wantedMm: 0.1, coatMm: 0.03 })).toBe(4);
    expect(evaluate(coatCount, { wantedMm: 0.09, coatMm: 0.03 })).toBe(3);
    expect(evaluate(jarCount, { coatingMl: 211, jarMl: 105 })).toBe(3);
  });

  it('what reaches the face falls from brush to can, each between its ends', () => {
    for (const a of applications) expect(a.transferPct >= a.fromPct && a.transferPct <= a.toPct).toBe(true);
    expect(applications.map((a) => a.transferPct)).toEqual([...applications.map((a) => a.transferPct)].sort((a, b) => b - a));
  });
});
