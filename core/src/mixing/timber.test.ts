import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';
import { holeBed, paredBottom, staggeredHoles } from './timber.ts';

const beds = fc.record({
  widthMm: fc.double({ min: 10, max: 900, noNaN: true }),
  heightMm: fc.double({ min: 10, max: 900, noNaN: true }),
  apartMm: fc.double({ min: 10, max: 80, noNaN: true }),
});

describe('a staggered bed of holes', () => {
  it('has as many holes as are counted, all within the place', () => {
    fc.assert(
      fc.property(beds, ({ widthMm, heightMm, apartMm }) => {
        const bed = holeBed(widthMm, heightMm, apartMm);
        expect(evaluate(staggeredHoles, { widthMm, heightMm, apartMm })).toBe(bed.length);
        for (const [x, y] of bed) {
          expect(Math.min(x, widthMm - x, y, heightMm - y)).toBeGreaterThanOrEqual(-1e-9);
        }
      }),
    );
  });

  it('keeps every hole as far from its neighbors as was asked for', () => {
    fc.assert(
      fc.property(beds, ({ widthMm, heightMm, apartMm }) => {
        const bed = holeBed(Math.min(widthMm, apartMm * 6), Math.min(heightMm, apartMm * 6), apartMm);
        const nearest = bed.map(([x, y], i) => Math.min(...bed.filter((_h, k) => k !== i).map(([u, v]) => Math.hypot(x - u, y - v))));
        for (const d of nearest) expect(d).toBeGreaterThanOrEqual(apartMm - 1e-6);
      }),
    );
  });

  it('is drawn as it is counted', () => {
    const work = surveyedPlan('timber-decay', {}, {}, { choice: { system: 'epoxy-consolidant + epoxy-timber-paste', reason: 'soft' } }).work();
    const holes = work?.quantities.find((q) => q.id === 'holes')?.figure.value;
    const drawn = [work?.section, ...(work?.more ?? [])].flatMap((s) => s?.regions ?? []).filter((r) => r.id.startsWith('hole-'));
    expect([holes, drawn.length]).toEqual([drawn.length, drawn.length]);
    expect(drawn.length).toBeGreaterThan(3);
  });

  it('never goes through the piece, from whatever pocket it is bored, and has no place in the walls of a hole through', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 200 }), fc.double({ min: 0.05, max: 0.98, noNaN: true }), (sectionMm, share) => {
        const depthMm = sectionMm * share;
        const work = surveyedPlan(
          'timber-decay',
          { sectionMm, depthMm },
          {},
          { choice: { system: 'epoxy-consolidant + epoxy-timber-paste', reason: 'soft' } },
        ).work();
        const bore = work?.method.steps.find((s) => s.builder === 'bore-holes');
        if (!bore) return depthMm + 10 + 5 > sectionMm;
        const deep = bore.detail.find((part) => typeof part === 'object' && 'label' in part && part.label === 'Depth of a hole');
        return typeof deep === 'object' && 'value' in deep && depthMm + deep.value <= sectionMm - 10 + 1e-9;
      }),
      { numRuns: 40 },
    );
    const through = surveyedPlan(
      'timber-through',
      { sectionMm: 45 },
      {},
      { choice: { system: 'epoxy-consolidant + epoxy-timber-paste', reason: 'soft' } },
    ).work();
    expect(through?.method.steps.map((s) => s.builder)).not.toContain('bore-holes');
    expect(tell(through?.method.steps.find((s) => s.builder === 'soak-wood')?.detail ?? [], { units: 'metric', timeZone: 'UTC' })).not.toContain('holes');
    // 0.1 to 0.25 L for each square meter of sound wall, and what is lost (common practice)
    const faces = (2 * (120 + 90) * 45) / 1e6;
    const liters = (through?.quantities.find((q) => q.id === 'consolidant')?.figure.value ?? 0) / 1000;
    expect(liters / faces).toBeGreaterThan(0.1);
    expect(liters / faces).toBeLessThan(0.35);
  });
});

describe('a pocket of decay', () => {
  const filled = (system: string) =>
    surveyedPlan(
      'timber-decay',
      { outline: { shape: { is: 'rectangle', widthMm: 200, heightMm: 80 } }, depthMm: 20, sectionMm: 60 },
      {},
      { choice: { system, reason: 'tried' } },
    ).work();
  const volume = (system: string) => {
    const amount = filled(system)?.quantities.find((q) => q.id === 'filler')?.figure;
    return amount?.value ?? 0;
  };

  it('is filled as it is prepared: pared past where the point stopped, walls and bottom (geometry); where soft wood is hardened it stays', () => {
    const [proud, lost] = [1.5, volume('epoxy-consolidant + epoxy-timber-paste') / (200 * 80 * (20 + 1.5))];
    expect(volume('epoxy-timber-paste') / (206 * 86 * (23 + proud))).toBeCloseTo(lost, 9);
    const said = (system: string) =>
      tell(filled(system)?.method.steps.find((s) => s.builder === 'cut-sound')?.detail ?? [], { units: 'metric', timeZone: 'UTC' });
    expect(said('epoxy-timber-paste')).toContain('3 mm past where the point stopped on all sides');
    expect(said('epoxy-consolidant + epoxy-timber-paste')).not.toContain('past where the point stopped');
  });

  it('is never pared through the piece', () => {
    expect(evaluate(paredBottom, { paredMm: 3, depthMm: 40, sectionMm: 60 })).toBe(3);
    expect(evaluate(paredBottom, { paredMm: 3, depthMm: 58.5, sectionMm: 60 })).toBe(1.5);
    expect(evaluate(paredBottom, { paredMm: 3, depthMm: 60, sectionMm: 60 })).toBe(0);
  });
});
