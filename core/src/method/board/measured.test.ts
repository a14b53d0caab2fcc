import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../../test/defects.ts';
import { featherRingVolume } from '../../geometry/cutOut.ts';
import { humpCoat, screwLength } from '../../finishing/face.ts';

describe('a screw for board', () => {
  // ASTM C840, as recalled: five eighths of an inch into wood, three eighths into steel
  it.each([
    ['half-inch board on wood', 12.7, 16, 32, 32],
    ['half-inch board on steel, the least of the system', 12.7, 10, 32, 32],
    ['five-eighths board on wood, as the trade takes one and a quarter', 15.9, 16, 32, 32],
    ['two layers on wood', 25.4, 16, 32, 41],
    ['one-inch board on wood', 25.4, 16, 25, 41],
  ])('%s', (_what, boardMm, biteMm, leastMm, mm) => {
    expect(screwLength.compute({ boardMm, biteMm, leastMm })).toBe(mm);
  });
});

describe('a hump that is run out', () => {
  it('takes in all coats together what lies under its slope', () => {
    for (const [acrossMm, pastMm, humpMm, coats] of [
      [120, 450, 3, 2],
      [300, 100, 1, 1],
      [200, 600, 6, 4],
    ] as const) {
      const each = Array.from({ length: coats }, (_v, i) => humpCoat.compute({ acrossMm, pastMm, humpMm, coat: i + 1, coats }));
      const ring = featherRingVolume.compute({ innerMm: acrossMm / 2, outerMm: acrossMm / 2 + pastMm, humpMm });
      expect(each.reduce((sum, ml) => sum + ml, 0)).toBeCloseTo(ring, 6);
      expect([...each].sort((a, b) => a - b)).toEqual(each);
    }
  });

  it('stays where it is: nothing is filled on it, and every coat reaches farther', () => {
    const work = surveyedPlan(
      'finish-fault',
      { fault: 'hump', heightMm: 3, light: 'raking' },
      {},
      { choice: { system: 'drying-compound', reason: 'tried' } },
    ).work();
    const coats = work?.method.steps.filter((s) => s.builder === 'coat-beside') ?? [];
    expect(coats).toHaveLength(2);
    expect(work?.method.steps.some((s) => s.builder === 'fill-place')).toBe(false);
    expect(work?.quantities.find((q) => q.id === 'feather')?.figure.value).toBe(450);
  });

  it('of no height is refused where it is typed, with what it can be', () => {
    const doubt = () => surveyedPlan('finish-fault', { fault: 'hump', heightMm: 0 });
    expect(doubt).toThrow(/heightMm.*must lie between/);
    expect(surveyedPlan('finish-fault', { fault: 'hump', heightMm: 0.1 }, {}, { choice: { system: 'drying-compound', reason: 'tried' } }).work()).toBeDefined();
  });

  it('costs more coats the higher it stands, by what dries at once', () => {
    const coatsOf = (heightMm: number) =>
      surveyedPlan('finish-fault', { fault: 'hump', heightMm }, {}, { choice: { system: 'drying-compound', reason: 'tried' } })
        .work()
        ?.method.steps.filter((s) => s.builder === 'coat-beside').length;
    expect([coatsOf(1.5), coatsOf(1.6), coatsOf(4.6)]).toEqual([1, 2, 4]);
  });
});
