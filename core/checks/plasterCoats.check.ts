// ASTM C926 (thickness in all by base, coats, use within) and IBC Table 2512.6 (moist cure and intervals), both as recalled.
import { describe, expect, it } from 'vitest';
import { amountOf, box, orderOf, rowOf, told, workOn } from './methodSteps.ts';

const dayMin = 1440;
const plaster = (answers: Readonly<Record<string, unknown>>, schools: Readonly<Record<string, string>> = {}) =>
  workOn('plaster-hole', 'cement-plaster', { outline: box(600, 400), binder: 'cement', ...answers }, {}, schools);

const outside = (system = 'cement-plaster', answers: Readonly<Record<string, unknown>> = {}, schools: Readonly<Record<string, string>> = {}) =>
  workOn(
    'plaster-hole',
    system,
    { outline: box(600, 400), binder: 'cement', base: 'metal-lath', depthMm: 22.2, position: 'wall', place: 'outside', ...answers },
    { place: 'outside' },
    schools,
  );

describe('cement plaster', () => {
  it('on metal lath is three coats: about 9.5, 9.5 and 3.2 mm make the 22 mm of an upright wall (C926)', () => {
    const work = plaster({ base: 'metal-lath', depthMm: 22.2, position: 'wall' });
    expect(amountOf(work, 'coats')).toBe(3);
    const coats = work.section.regions.filter((r) => r.layer !== undefined);
    expect(coats).toHaveLength(3);
    const thick = work.method.steps
      .filter((s) => s.builder === 'plaster-coat')
      .map((s) => s.detail.find((p) => typeof p !== 'string' && 'value' in p && p.kind === 'depth') as { value: number });
    expect(thick.map((f) => f.value)).toEqual([9.5, 9.5, 3.2]);
  });

  it('on unit masonry at 12.7 mm is two coats (C926)', () => {
    expect(amountOf(plaster({ base: 'masonry', depthMm: 12.7 }), 'coats')).toBe(2);
  });

  it('overhead on smooth concrete stays within 9.5 mm in all, whatever was there (C926)', () => {
    expect(amountOf(plaster({ base: 'concrete', depthMm: 18, position: 'overhead' }), 'thickness')).toBeLessThanOrEqual(9.5);
  });

  it('is used within two hours and a half of first water (C926)', () => {
    expect(plaster({ base: 'masonry', depthMm: 12.7 }).mixes.every((m) => m.within?.value === 150)).toBe(true);
  });

  it('keeps 48 hours between the first coats and seven days before the finish, each base coat moist for two days (IBC 2512.6)', () => {
    const work = outside();
    const start = (n: number) => rowOf(work, 'plaster-coat', n).startMin;
    const end = (n: number) => rowOf(work, 'plaster-coat', n).endMin;
    expect(start(1) - end(0)).toBeGreaterThanOrEqual(2 * dayMin);
    expect(start(2) - end(1)).toBeGreaterThanOrEqual(7 * dayMin);
    for (const n of [0, 1]) expect(told(rowOf(work, 'moist-coat', n).step.title)).toMatch(/moist for 2 days/);
  });

  it('inside keeps a day and a day (IBC 2512.6, as recalled); two-coat work outside waits the seven days too (our judgement)', () => {
    const gap = (work: ReturnType<typeof outside>, n: number) => rowOf(work, 'plaster-coat', n).startMin - rowOf(work, 'plaster-coat', n - 1).endMin;
    const inside = plaster({ base: 'metal-lath', depthMm: 22.2, position: 'wall' });
    for (const n of [1, 2]) expect([gap(inside, n) >= dayMin, gap(inside, n) < 2 * dayMin]).toEqual([true, true]);
    const two = workOn(
      'plaster-hole',
      'cement-plaster',
      { outline: box(600, 400), binder: 'cement', base: 'masonry', depthMm: 12.7, place: 'outside' },
      { place: 'outside' },
    );
    expect([amountOf(two, 'coats'), gap(two, 1) >= 7 * dayMin]).toEqual([2, true]);
  });

  it('on new lath keeps the same intervals: rigid is what the next coat waits for', () => {
    const work = outside('lath-and-plaster', { lath: 'rusted' });
    const start = (n: number) => rowOf(work, 'plaster-coat', n).startMin;
    expect([start(1) - start(0) >= 2 * dayMin, start(2) - start(1) >= 7 * dayMin]).toEqual([true, true]);
  });

  it.each(['cement-plaster', 'lath-and-plaster'])('%s: doubles the second coat up on the first when it has firmed, and cures that one in full', (system) => {
    const work = outside(system, { lath: 'rusted' }, { 'plaster-coats': 'same-day' });
    const at = (n: number) => rowOf(work, 'plaster-coat', n);
    expect(at(1).startMin - at(0).endMin).toBeLessThan(dayMin);
    expect(at(2).startMin - at(1).endMin).toBeGreaterThanOrEqual(7 * dayMin);
    // moist after the second and after the finish, not after the first
    expect(work.method.steps.filter((s) => s.builder === 'moist-coat')).toHaveLength(2);
  });

  it('new lath laps 13 mm on its long edges and 25 at its ends, with fasteners no farther apart than 178 mm (C1063, as recalled)', () => {
    const work = workOn('plaster-hole', 'lath-and-plaster', { outline: box(600, 400), depthMm: 20, base: 'metal-lath', lath: 'rusted', binder: 'cement' });
    expect(told(rowOf(work, 'fix-lath').step.detail)).toContain('long edges lapped 13 mm, ends 25 mm');
    expect(told(rowOf(work, 'fix-lath').step.title)).toContain('178 mm apart');
    expect(orderOf(work).indexOf('fix-lath')).toBeLessThan(orderOf(work).indexOf('plaster-coat'));
  });

  it('is painted after four weeks, or after one over an alkali-tolerant primer (common practice)', () => {
    const from = (schools: Readonly<Record<string, string>>) => {
      const work = plaster({ base: 'masonry', depthMm: 12.7 }, schools);
      return (rowOf(work, 'prime-over').startMin - rowOf(work, 'plaster-coat', 1).endMin) / dayMin;
    };
    expect(from({})).toBeGreaterThanOrEqual(28);
    expect(from({ 'paint-on-cement': 'early' })).toBeLessThan(9);
  });
});
