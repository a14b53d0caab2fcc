import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { planRepair } from '../plan/repairPlan.ts';
import { unnamed } from '../survey/crew.ts';
import { fact, planInput } from '../../test/cracks.ts';
import type { Defect, HouseRules } from '../survey/job.ts';

const outline = { shape: { is: 'rectangle', widthMm: 900, heightMm: 900 } };

/** The stops of a plain defect with a firm's own rules, and so many people. */
function stopsOf(defect: Defect, area: Readonly<Record<string, unknown>>, rules: HouseRules, people: 1 | 2): readonly string[] {
  const { job, area: usual } = planInput();
  const at = { ...usual, facts: { ...usual.facts, ...Object.fromEntries(Object.entries(area).map(([f, v]) => [f, fact(v)])) }, defects: [defect] };
  const plan = planRepair({ job: { ...job, crew: unnamed(people) }, area: at, defect, rules });
  if (plan.state !== 'planned') throw new Error(plan.state);
  return plan.stops.map((s) => s.id);
}

describe('the years of a firm’s own country', () => {
  const hole = surveyedPlan('plaster-hole', { before: 'paint', outline }).defect;
  const stops = (yearBuilt: number, rates: Readonly<Record<string, number>>) => stopsOf(hole, { yearBuilt, place: 'inside' }, { schools: {}, rates }, 2);

  it('say from which on paint is free of lead, and up to which compound may hold asbestos', () => {
    expect([stops(1985, {}).includes('lead'), stops(1985, { leadYear: 1992 }).includes('lead'), stops(1992, { leadYear: 1992 }).includes('lead')]).toEqual([
      false,
      true,
      false,
    ]);
    expect([stops(1998, {}), stops(1998, { asbestosYear: 1999 }), stops(2000, { asbestosYear: 1999 })].map((s) => s.includes('asbestos'))).toEqual([
      false,
      true,
      false,
    ]);
  });
});

describe('what is sprayed', () => {
  const sprayed = surveyedPlan('tub-scratches', {}, {}, { choice: { system: 'two-part-coating', reason: 'tried' } }).defect;
  const polished = surveyedPlan('tub-scratches', {}, {}, { choice: { system: 'acrylic-polish-out', reason: 'tried' } }).defect;

  it('is not sprayed alone: one person on the crew is held until it is recorded who is within call', () => {
    const alone = (defect: Defect, people: 1 | 2) => stopsOf(defect, { occupied: 'empty', airC: 20, slabC: 20 }, { schools: {} }, people).includes('alone');
    expect([alone(sprayed, 1), alone(sprayed, 2), alone(polished, 1)]).toEqual([true, false, false]);
  });
});
