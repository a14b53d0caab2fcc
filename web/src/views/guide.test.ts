import { defectKinds, planRepair } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { usualFacts } from '../../../core/test/defects.ts';
import { planInput } from '../../../core/test/cracks.ts';
import { guideStep } from './guide.ts';

const plan = (given: Parameters<typeof planInput>[0] = {}) => planRepair(planInput(given));
const step = (of: Parameters<typeof planInput>[0] | undefined, issued = false) => guideStep({ areas: 1, plan: of && plan(of), issued });

describe('the guide through a first repair', () => {
  it('goes from the place to the sheet, one thing at a time', () => {
    const steps = [
      guideStep({ areas: 0, plan: undefined, issued: false }),
      step(undefined),
      step({ defect: { facts: {} } }),
      step({}),
      step({ defect: { choice: { system: 'rapid-crack-resin' } } }),
      step({ defect: { choice: { system: 'rapid-crack-resin' } } }, true),
    ];
    expect(steps.map((s) => s.n)).toEqual([1, 2, 3, 4, 5, 6]);
    expect(steps.map((s) => s.at)).toEqual(['walk', 'walk', 'walk', 'match', 'method', 'sheet']);
    for (const s of steps) expect(s.of).toBe(6);
  });

  it('counts what is still wanted, and leads past a stop only when it is decided', () => {
    expect(step({ defect: { facts: {} } }).says).toMatch(/^\d+ answers are still wanted/);
    const held = step({ answers: { located: 'no' } });
    expect([held.title, held.at]).toEqual(['A stop comes first', 'match']);
  });

  it('says something for every kind as it is found', () => {
    for (const { id } of defectKinds()) {
      const of = guideStep({ areas: 1, plan: planRepair(planInput({ defect: { kind: id, facts: usualFacts(id) } })), issued: false });
      expect([id, of.says.length > 40, of.n >= 3]).toEqual([id, true, true]);
    }
  });
});
