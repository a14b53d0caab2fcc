import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../../test/defects.ts';
import { everyMethod } from '../../../test/everyMethod.ts';
import { kindOf } from '../../survey/kinds.ts';
import type { PlannedWork } from '../../plan/plannedWork.ts';

const work = (kind: string, system: string, answers: Readonly<Record<string, unknown>>) =>
  surveyedPlan(kind, answers, {}, { choice: { system, reason: 'tried' } }).work();
const day = 1440;
/** Days from the last that is placed to the primer. */
const paintedAfter = (done: PlannedWork | undefined) => {
  const rows = done?.schedule.rows ?? [];
  const primed = rows.find((r) => r.step.builder === 'prime-over')?.startMin ?? NaN;
  const placed = rows.findLast((r) => r.step.lift !== undefined)?.endMin ?? NaN;
  return (primed - placed) / day;
};

describe('concrete that was painted', () => {
  it('is painted again by every method, as before where nobody says, and left bare where that is the answer', () => {
    let painted = 0;
    for (const given of [{ before: 'paint' }, { before: 'coating' }, { before: 'paint', again: 'none' }, { before: 'bare' }])
      for (const { kind, system, plan, work: done } of everyMethod({}, given)) {
        if (!done || plan.subject.surface !== 'concrete') continue;
        // a sealant that moves is left as it is, and Match says so
        const asks = kindOf(kind).asks.some((a) => a.field === 'again');
        const asked = asks && given.before !== 'bare' && !('again' in given) && !system.includes('flexible-sealant');
        const coats = done.method.steps.filter((s) => s.builder === 'paint-coat').length;
        expect([kind, system, JSON.stringify(given), coats]).toEqual([kind, system, JSON.stringify(given), asked ? 2 : 0]);
        if (asked) painted += 1;
      }
    expect(painted).toBeGreaterThan(20);
  });

  it('counts as left open where it is asked for and what is done takes no paint', () => {
    const plan = surveyedPlan('wall-crack', { before: 'paint', again: 'paint', movement: 'moving', moisture: 'dry' });
    const sealed = plan.candidates.find((c) => c.system.id === 'flexible-sealant');
    expect(sealed?.against.some((v) => v.rule === 'left-open')).toBe(true);
    const unasked = surveyedPlan('wall-crack', { before: 'paint', movement: 'moving', moisture: 'dry' }).candidates.find(
      (c) => c.system.id === 'flexible-sealant',
    );
    expect(unasked?.against.some((v) => v.rule === 'left-open')).toBe(false);
  });

  it('waits a week on mortar, until it has dried after a long wet cure, and four weeks under a film (common practice)', () => {
    expect(paintedAfter(work('concrete-spall', 'polymer-mortar-2k', { before: 'paint' }))).toBeGreaterThanOrEqual(7);
    expect(paintedAfter(work('concrete-spall', 'polymer-mortar-2k', { before: 'paint' }))).toBeLessThan(8.5);
    // kept wet for seven days, it passes its tests between day 10 and 14
    const wet = paintedAfter(work('concrete-spall', 'hand-packed-mortar', { before: 'paint' }));
    expect([wet >= 10, wet < 14]).toEqual([true, true]);
    expect(paintedAfter(work('concrete-spall', 'polymer-mortar-2k', { before: 'paint', again: 'film' }))).toBeGreaterThanOrEqual(28);
  });

  it('has its foam cut back and closed with mortar first, as deep as packers are plugged: no paint holds on foam', () => {
    let foamed = 0;
    for (const before of ['paint', 'bare'])
      for (const { kind, system, work: done } of everyMethod({}, { before, moisture: 'seeping' })) {
        if (kind !== 'wall-crack' || !done || !/injection-foam|drilled-packer-injection/.test(system)) continue;
        foamed += 1;
        const builders = done.method.steps.map((s) => s.builder);
        expect([system, before, builders.includes('cut-foam-back')]).toEqual([system, before, before === 'paint']);
        if (before !== 'paint') continue;
        // the mortar in its line is as fresh as a patch
        const at = (builder: string) => done.schedule.rows.find((r) => r.step.builder === builder);
        expect((at('prime-over')?.startMin ?? 0) - (at('cut-foam-back')?.endMin ?? 0)).toBeGreaterThanOrEqual(7 * day);
      }
    expect(foamed).toBeGreaterThan(3);
  });

  it('tries the coating on resin first, and tests no alkali there', () => {
    const builders = work('wall-crack', 'epoxy-injection-resin', { before: 'coating' })?.method.steps.map((s) => s.builder) ?? [];
    expect([builders.includes('trial-paint'), builders.includes('paint-check')]).toEqual([true, false]);
    expect(builders.indexOf('trial-paint')).toBeLessThan(builders.indexOf('prime-over'));
    const mortar = work('concrete-spall', 'polymer-mortar-2k', { before: 'paint' })?.method.steps.map((s) => s.builder) ?? [];
    expect([mortar.includes('trial-paint'), mortar.includes('paint-check')]).toEqual([false, true]);
  });

  it('is painted over the place and 150 mm around (geometry)', () => {
    const done = work('concrete-spall', 'polymer-mortar-2k', { before: 'paint', outline: { shape: { is: 'rectangle', widthMm: 300, heightMm: 200 } } });
    expect(done?.quantities.find((q) => q.id === 'repainted')?.figure.value).toBeCloseTo(600 * 500, 6);
  });
});
