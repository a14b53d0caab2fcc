import { planRepair, type Area, type Job, type JudgedPlan } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { recomputedFigures } from '../../../core/test/recompute.ts';
import { bathhouse } from './bathhouse.ts';

const { job, areas } = bathhouse(new Date('2026-06-02T12:00:00Z'));
const whole = { ...job, id: 'j', areas: [] } as Job;
const plans = areas.flatMap((a) => {
  const area = { ...a, id: a.name, defects: [] } as unknown as Area;
  return a.defects.map((d) => ({ mark: d.mark, plan: planRepair({ job: whole, area, defect: { confirmed: [], decisions: [], id: d.mark, ...d } }) as JudgedPlan }));
});
const of = (mark: string) => {
  const found = plans.find((p) => p.mark === mark);
  if (!found) throw new Error(mark);
  return found.plan;
};

describe('the plans of the demo', () => {
  it('are all complete', () => {
    expect(plans.map((p) => p.plan.state)).toEqual(Array(8).fill('judged'));
  });

  it('have every figure computed from what its working shows', () => {
    for (const { plan } of plans) expect(recomputedFigures(plan)).toBeGreaterThan(15);
  });

  it('differ in what matters', () => {
    expect(of('PS-01').planned?.by).toBe('choice');
    expect(of('PS-02').planned?.by).toBe('proposal');
    expect(of('PS-03').planned).toBeUndefined();
    expect(of('PS-04').stops.filter((s) => s.open).map((s) => s.id)).toEqual(['step']);
    expect(of('WH-01').candidates[0]?.system.id).toBe('flexible-sealant');
    expect(of('WH-02').repair?.method.size.limitedBecause).toBeDefined();
    expect(of('WH-03').stops.map((s) => [s.id, s.open])).toEqual([['structural', false]]);
    expect(of('CY-01').stops.some((s) => s.id === 'located' && s.open)).toBe(true);
    expect(of('CY-01').candidates.every((c) => c.grade === 'out')).toBe(true);
  });
});
