import { issuePlan, planRepair, usualHouseRules, type IssuedPlan } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { fact, planInput, type Setting } from '../../../core/test/cracks.ts';
import { changeCount, issuedChanges } from './issuedChanges.ts';

const now = (setting?: Setting) => {
  const input = planInput(setting);
  return { ...input, rules: usualHouseRules, plan: planRepair(input) };
};
function issued(): IssuedPlan {
  const done = issuePlan(planInput());
  if (!done.ok) throw new Error('not issued');
  return done.plan;
}

describe('issuedChanges', () => {
  it('are none while nothing has changed', () => {
    const changes = issuedChanges(issued(), now());
    expect([changeCount(changes), changes.over]).toEqual([0, undefined]);
  });

  it('tell what was measured otherwise from what it does to the plan', () => {
    const { facts, plan, core } = issuedChanges(issued(), now({ answers: { lengthMm: 5100 } }));
    expect(facts.map((c) => c.about)).toEqual(['Length']);
    expect(plan.map((c) => c.about)).toContain('Resin placed');
    expect(core).toEqual([]);
  });

  it('tell what another core makes of the same facts from both', () => {
    const before = issued();
    const figures = before.kept.figures.map((f) => (f.label === 'Resin placed' ? { ...f, value: f.value + 10 } : f));
    const { facts, plan, core } = issuedChanges({ ...before, kept: { ...before.kept, figures } }, now());
    expect([facts.length, plan.length]).toEqual([0, 0]);
    expect(core.map((c) => c.about)).toContain('Resin placed');
  });

  it('say where there is no plan now', () => {
    const input = planInput();
    const open = { ...input, defect: { ...input.defect, facts: { ...input.defect.facts, traffic: undefined, lengthMm: fact(4200) } } };
    expect(issuedChanges(issued(), { ...open, rules: usualHouseRules, plan: planRepair(open) }).over).toMatchObject({ held: false });
    expect(issuedChanges(issued(), undefined)).toEqual({ facts: [], plan: [], core: [] });
  });

  it('say which stop holds it now, and do not list every step as gone', () => {
    const { facts, plan, over } = issuedChanges(issued(), now({ answers: { ground: 'rocks' } }));
    expect(facts).toHaveLength(1);
    expect(over?.held).toBe(true);
    expect(plan.map((c) => c.about)).toEqual(expect.arrayContaining(['No work', 'Stop: It rocks']));
    expect(plan.filter((c) => c.about.startsWith('Step'))).toEqual([]);
  });
});
