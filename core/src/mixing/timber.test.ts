import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';
import { holeBed, staggeredHoles } from './timber.ts';

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
