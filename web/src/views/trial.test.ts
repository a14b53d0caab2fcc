import { unnamed } from '@oddment/core';
import { genericShelf, planRepair, sheetOf, type PlanInput } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../../core/test/defects.ts';
import type { WhatIf } from '../state/view.ts';
import { trialInput } from './trial.ts';

const box = { shape: { is: 'rectangle', widthMm: 400, heightMm: 300 } };
const plan = surveyedPlan(
  'concrete-spall',
  { outline: box, depthMm: 60, position: 'floor', traffic: 'foot' },
  {},
  { choice: { system: 'polymer-mortar-2k', reason: 'tried' } },
);
const { area, defect } = plan;
const job = {
  id: 'j1',
  site: 'Test site',
  client: '',
  timeZone: 'UTC',
  units: 'metric' as const,
  startAt: '2026-06-02T05:00:00.000Z',
  crew: unnamed(2),
  areas: [],
};

const tried = (trial: WhatIf): PlanInput => trialInput(job, area, defect, { rules: { schools: {} }, shelf: genericShelf }, trial);
function sheet(trial: WhatIf) {
  const one = planRepair(tried(trial));
  if (one.state !== 'planned') throw new Error(one.state);
  return sheetOf(one, job);
}
const lifts = (trial: WhatIf) => sheet(trial).work?.quantities.find((q) => q.id === 'lifts')?.figure.value;
const total = (trial: WhatIf) => sheet(trial).work?.schedule.total.value ?? 0;

describe('what is tried out', () => {
  it('goes into the plan in place of what is kept, marked as assumed, and leaves what is kept as it is', () => {
    const before = JSON.stringify([job, area, defect]);
    const input = tried({ slabC: 9, airC: 11, humidityPct: 70, people: 1 });
    expect(input.area.facts['slabC']).toMatchObject({ value: 9, how: 'assumed' });
    expect([input.area.facts['airC']?.value, input.area.facts['humidityPct']?.value, input.job.crew.length]).toEqual([11, 70, 1]);
    expect(JSON.stringify([job, area, defect])).toBe(before);
  });

  it('changes nothing where nothing is tried', () => {
    expect(tried({}).area.facts).toEqual(area.facts);
    expect(tried({}).shelf).toBe(genericShelf);
    expect(tried({}).job.crew).toHaveLength(2);
  });

  it('takes longer in the cold and with one person', () => {
    expect(total({ slabC: 10, airC: 10 })).toBeGreaterThan(total({}));
    expect(total({ people: 1 })).toBeGreaterThan(total({}));
  });

  it('packs more and thinner lifts where the thickest is set lower', () => {
    expect(lifts({})).toBe(2);
    expect(lifts({ figures: { system: 'polymer-mortar-2k', values: { 'lift/floor': 20 } } })).toBe(3);
    expect(lifts({ figures: { system: 'polymer-mortar-2k', values: { 'lift/floor': 12 } } })).toBe(5);
  });

  it('takes the other side of a question, over what the repair has', () => {
    const titles = (trial: WhatIf) => (sheet(trial).work?.schedule.rows ?? []).map((r) => r.step.builder);
    expect(titles({})).toContain('saw-square');
    expect(titles({ schools: { 'patch-edge': 'feathered' } })).toContain('grind-edge');
    expect(tried({ schools: { 'patch-edge': 'feathered' } }).defect.schools).toMatchObject({ 'patch-edge': 'feathered' });
  });

  it('begins with warming where it is too cold, and without it when it is warm', () => {
    const builders = (trial: WhatIf) => (sheet(trial).work?.schedule.rows ?? []).map((r) => r.step.builder);
    expect(builders({ slabC: -2, airC: 1 }).slice(0, 2)).toEqual(['first-heat', 'first-held']);
    expect(builders({ slabC: 15 })).not.toContain('first-heat');
    expect(builders({ slabC: 15 }).length).toBeGreaterThan(5);
  });
});
