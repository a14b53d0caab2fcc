import { defectKinds, kindOf, planRepair, relevantAsks, surfaces, type Area, type Candidate, type Job, type JudgedPlan, type PlanInput } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { recomputedFigures } from '../../../core/test/recompute.ts';
import { bathhouse } from './bathhouse.ts';

const { job, areas } = bathhouse(new Date('2026-06-02T12:00:00Z'));
const whole = { ...job, id: 'j', areas: [] } as Job;
const plans = areas.flatMap((a) => {
  const area = { ...a, id: a.name, defects: [] } as unknown as Area;
  return a.defects.map((d) => {
    const input: PlanInput = { job: whole, area, defect: { confirmed: [], decisions: [], id: d.mark, ...d } };
    return { mark: d.mark, input, plan: planRepair(input) };
  });
});
const judged = plans.filter((p): p is (typeof plans)[number] & { plan: JudgedPlan } => p.plan.state === 'judged');
const of = (mark: string) => {
  const found = judged.find((p) => p.mark === mark);
  if (!found) throw new Error(mark);
  return found.plan;
};

describe('the plans of the demo', () => {
  it('are all complete: slab cracks judged, every other kind measured', () => {
    for (const { mark, plan } of plans) expect([mark, plan.state]).toEqual([mark, plan.defect.kind === 'slab-crack' ? 'judged' : 'surveyed']);
    expect(judged).toHaveLength(8);
  });

  it('have a system that fits, with care or without, or a stop, or else the nearest says what would have to change', () => {
    for (const { mark, plan } of plans) {
      const match = plan.state === 'judged' ? plan : plan.state === 'surveyed' ? plan.match : undefined;
      expect([mark, match !== undefined && (match.held || (match.candidates.some((c) => c.grade !== 'out') || match.candidates[0]?.against[0]?.change !== undefined))]).toEqual([mark, true]);
    }
  });

  it('say what would have to change as facts, and with these that verdict lifts', () => {
    let lifted = 0;
    for (const { mark, plan, input } of plans) {
      const all = plan.state === 'judged' ? plan.candidates : plan.state === 'surveyed' ? (plan.match?.candidates ?? []) : [];
      for (const c of all) {
        for (const verdict of c.against.filter((v) => v.grade === 'out' && v.facts !== undefined)) {
          const changed = verdict.facts?.() ?? {};
          const as = (values: Readonly<Record<string, unknown>> = {}) => Object.fromEntries(Object.entries(values).map(([field, value]) => [field, { value, how: 'assumed' as const, at: '2026-06-02T12:00:00Z' }]));
          const again = planRepair({ ...input, area: { ...input.area, facts: { ...input.area.facts, ...as(changed.area) } }, defect: { ...input.defect, facts: { ...input.defect.facts, ...as(changed.defect) } } });
          const judgedAgain: readonly Candidate[] = again.state === 'judged' ? again.candidates : again.state === 'surveyed' ? (again.match?.candidates ?? []) : [];
          const then = judgedAgain.find((one) => one.system.id === c.system.id)?.verdicts.find((v) => v.rule === verdict.rule && v.of === verdict.of);
          expect([mark, c.system.id, verdict.rule, then?.grade]).not.toEqual([mark, c.system.id, verdict.rule, 'out']);
          lifted += 1;
        }
      }
    }
    expect(lifted).toBeGreaterThan(30);
  });

  it('show a defect on every surface', () => {
    expect(new Set(plans.map((p) => kindOf(p.plan.defect.kind).surface))).toEqual(new Set(surfaces));
    expect(defectKinds().length).toBeGreaterThan(20);
  });

  it('answer only what is asked', () => {
    for (const { plan } of plans) {
      const asked = relevantAsks(kindOf(plan.defect.kind), plan.defect.facts).map((a) => a.field);
      expect(Object.keys(plan.defect.facts).filter((f) => !asked.includes(f))).toEqual([]);
    }
  });

  it('have every figure computed from what its working shows', () => {
    for (const { plan } of judged) expect(recomputedFigures(plan)).toBeGreaterThan(15);
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
