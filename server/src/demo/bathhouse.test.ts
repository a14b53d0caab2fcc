import {
  defectKinds,
  issuePlan,
  kindOf,
  overtaken,
  planRepair,
  plannedOf,
  relevantAsks,
  surfaces,
  tell,
  type Area,
  type Candidate,
  type Job,
  type PlannedPlan,
  type PlanInput,
} from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { recomputedFigures } from '../../../core/test/recompute.ts';
import { bathhouse } from './bathhouse.ts';
import { atFirst } from './loadDemo.ts';
import { moreJobs } from './moreJobs.ts';

const { job, areas } = bathhouse(new Date('2026-06-02T12:00:00Z'));
const whole = { ...job, id: 'j', areas: [] } as Job;
const plans = areas.flatMap((a) => {
  const area = { ...a, id: a.name, defects: [] } as unknown as Area;
  return a.defects.map((d) => {
    const input: PlanInput = { job: whole, area, defect: { confirmed: [], decisions: [], id: d.mark, ...d } };
    return { mark: d.mark, input, plan: planRepair(input) };
  });
});
const judged = plans.filter((p): p is (typeof plans)[number] & { plan: PlannedPlan } => p.plan.state === 'planned');
const of = (mark: string) => {
  const found = judged.find((p) => p.mark === mark);
  if (!found) throw new Error(mark);
  return found.plan;
};

describe('the plans of the demo', () => {
  it('are all complete, whatever their kind', () => {
    for (const { mark, plan } of plans) expect([mark, plan.state]).toEqual([mark, 'planned']);
    expect(judged.filter((p) => p.plan.defect.kind === 'slab-crack')).toHaveLength(8);
  });

  it('have a system that fits, with care or without, or a stop, or else the nearest says what would have to change', () => {
    for (const { mark, plan } of plans) {
      const match = plannedOf(plan);
      expect([
        mark,
        match !== undefined && (match.held || match.candidates.some((c) => c.grade !== 'out') || match.candidates[0]?.against[0]?.change !== undefined),
      ]).toEqual([mark, true]);
    }
  });

  it('say what would have to change as facts, and with these that verdict lifts', () => {
    let lifted = 0;
    for (const { mark, plan, input } of plans) {
      const all = plannedOf(plan)?.candidates ?? [];
      for (const c of all) {
        for (const verdict of c.against.filter((v) => v.grade === 'out' && v.facts !== undefined)) {
          const changed = verdict.facts?.() ?? {};
          const as = (values: Readonly<Record<string, unknown>> = {}) =>
            Object.fromEntries(Object.entries(values).map(([field, value]) => [field, { value, how: 'assumed' as const, at: '2026-06-02T12:00:00Z' }]));
          const again = planRepair({
            ...input,
            area: { ...input.area, facts: { ...input.area.facts, ...as(changed.area) } },
            defect: { ...input.defect, facts: { ...input.defect.facts, ...as(changed.defect) } },
          });
          const judgedAgain: readonly Candidate[] = plannedOf(again)?.candidates ?? [];
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
    for (const { plan } of judged) expect(recomputedFigures(plan)).toBeGreaterThan(5);
  });

  it('differ in what matters', () => {
    expect(of('PS-01').planned?.by).toBe('choice');
    expect(of('PS-02').planned?.by).toBe('proposal');
    expect(of('PS-03').planned).toBeUndefined();
    expect(
      of('PS-04')
        .stops.filter((s) => s.open)
        .map((s) => s.id),
    ).toEqual(['step']);
    expect(of('WH-01').candidates[0]?.system.id).toBe('flexible-sealant');
    expect(of('WH-02').planned?.candidate.size?.limitedBecause).toBeDefined();
    expect(of('WH-03').stops.map((s) => [s.id, s.open])).toEqual([['structural', false]]);
    expect(of('CY-01').stops.some((s) => s.id === 'located' && s.open)).toBe(true);
    expect(of('CY-01').candidates.every((c) => c.grade === 'out')).toBe(true);
  });
});

describe('every defect of the demo', () => {
  it('has a plan that is issued as the first look found it; of seven the second look found what holds or bars it', () => {
    const found: Record<string, 'held' | 'barred'> = {};
    for (const a of areas) {
      const rooms = { ...a, id: a.name, defects: [] } as unknown as Area;
      for (const { firstLook, ...d } of a.defects) {
        const input: PlanInput = {
          job: whole,
          area: { ...rooms, facts: atFirst(a.facts, a.firstLook) },
          defect: { confirmed: [], decisions: [], id: d.mark, ...d, facts: atFirst(d.facts, firstLook) },
        };
        const done = issuePlan(input);
        expect([d.mark, done.ok]).toEqual([d.mark, true]);
        const over = overtaken(planRepair({ ...input, area: rooms, defect: { ...input.defect, facts: d.facts } }), whole);
        if (over) found[d.mark] = over.held ? 'held' : 'barred';
      }
    }
    expect(found).toEqual({
      'PS-03': 'barred',
      'PS-04': 'held',
      'BR-01': 'held',
      'TO-01': 'held',
      'TO-02': 'held',
      'TO-03': 'barred',
      'CY-01': 'held',
    });
  });

  /** What would be decided and chosen on a walk: every stop that a decision lifts, and the best system there is. */
  function decided({ input, plan }: (typeof plans)[number]): PlanInput {
    const match = plannedOf(plan);
    const decisions = (match?.stops ?? [])
      .filter((s) => s.open && s.liftedBy === 'decision')
      .map((s) => ({ stop: s.id, who: 'Rosalind Achterberg', capacity: 'licensed engineer', what: 'may be repaired', on: '2026-06-01' }));
    const system = input.defect.choice?.system ?? match?.candidates[0]?.system.id ?? '';
    return { ...input, defect: { ...input.defect, decisions: [...input.defect.decisions, ...decisions], choice: { system, reason: 'decided on the walk' } } };
  }

  it('has a plan that can be issued once it is decided, but where a fact has to change first', () => {
    const refused: string[] = [];
    for (const one of plans) {
      const done = issuePlan(decided(one));
      if (done.ok) continue;
      refused.push(one.mark);
      expect([one.mark, tell(done.why, { units: 'metric', timeZone: 'UTC' })]).toEqual([
        one.mark,
        expect.stringMatching(/until it is decided|stops hardening/),
      ]);
    }
    // the ramp at two degrees, its bars not located
    expect(refused).toEqual(['CY-01']);
  });

  it('of the smaller jobs is chosen, fits, and has a plan that is issued as it stands', () => {
    let issued = 0;
    for (const { job: own, areas: rooms } of moreJobs(new Date('2026-06-02T12:00:00Z'))) {
      for (const a of rooms) {
        for (const d of a.defects) {
          const input: PlanInput = {
            job: { ...own, id: 'j', areas: [] },
            area: { ...a, id: a.name, defects: [] },
            defect: { confirmed: [], decisions: [], id: d.mark, ...d },
          };
          const plan = planRepair(input);
          expect([d.mark, plannedOf(plan)?.planned?.by === 'choice' && plannedOf(plan)?.planned?.candidate.grade]).toEqual([d.mark, 'fits']);
          expect([d.mark, issuePlan(input).ok]).toEqual([d.mark, true]);
          for (const [field] of Object.entries(d.facts))
            expect([d.mark, field, kindOf(d.kind).asks.some((ask) => ask.field === field)]).toEqual([d.mark, field, true]);
          issued += 1;
        }
      }
    }
    expect(issued).toBe(17);
  });
});
