import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { holeBed, staggeredHoles } from './timber.ts';

const beds = fc.record({ widthMm: fc.double({ min: 10, max: 900, noNaN: true }), heightMm: fc.double({ min: 10, max: 900, noNaN: true }), apartMm: fc.double({ min: 10, max: 80, noNaN: true }) });

describe('a staggered bed of holes', () => {
  it('has as many holes as are counted, all within the place', () => {
    fc.assert(fc.property(beds, ({ widthMm, heightMm, apartMm }) => {
      const bed = holeBed(widthMm, heightMm, apartMm);
      expect(evaluate(staggeredHoles, { widthMm, heightMm, apartMm })).toBe(bed.length);
      for (const [x, y] of bed) {
        expect(Math.min(x, widthMm - x, y, heightMm - y)).toBeGreaterThanOrEqual(-1e-9);
      }
    }));
  });

  it('keeps every hole as far from its neighbors as was asked for', () => {
    fc.assert(fc.property(beds, ({ widthMm, heightMm, apartMm }) => {
      const bed = holeBed(Math.min(widthMm, apartMm * 6), Math.min(heightMm, apartMm * 6), apartMm);
      const nearest = bed.map(([x, y], i) => Math.min(...bed.filter((_h, k) => k !== i).map(([u, v]) => Math.hypot(x - u, y - v))));
      for (const d of nearest) expect(d).toBeGreaterThanOrEqual(apartMm - 1e-6);
    }));
  });

  it('is drawn as it is counted', () => {
    const work = surveyedPlan('timber-decay', {}, {}, { choice: { system: 'epoxy-consolidant + epoxy-timber-paste', reason: 'soft' } }).match.work();
    const holes = work?.quantities.find((q) => q.id === 'holes')?.figure.value;
    const drawn = [work?.section, ...(work?.more ?? [])].flatMap((s) => s?.regions ?? []).filter((r) => r.id.startsWith('hole-'));
    expect([holes, drawn.length]).toEqual([drawn.length, drawn.length]);
    expect(drawn.length).toBeGreaterThan(3);
  });
});
