import { expect, it } from 'vitest';
import { surveyedPlan } from '../../../test/defects.ts';

const choice = { system: 'wood-splice', reason: 'drawn' };
const decisions = [{ stop: 'timber-load', who: 'A. Lee', capacity: 'engineer', what: 'as drawn', on: '2026-01-01' }];

it('new wood in a piece that carries is propped before anything is cut, and let carry only when its glue does', () => {
  const facts = { end: 'yes', loaded: 'yes', member: 'post', finish: 'paint' };
  expect(surveyedPlan('timber-decay', facts, {}, { choice }).work()).toBeUndefined();
  const plan = surveyedPlan('timber-decay', facts, {}, { choice, decisions });
  const rows = plan.work()?.schedule.rows ?? [];
  const at = (builder: string) => rows.findIndex((r) => r.step.builder === builder);
  expect(at('prop-piece')).toBeGreaterThan(-1);
  expect(at('prop-piece')).toBeLessThan(at('cut-sound'));
  const [glued, eased] = [rows[at('glue-wood')], rows[at('ease-props')]];
  expect((eased?.startMin ?? 0) - (glued?.endMin ?? 0)).toBeGreaterThanOrEqual(2 * 24 * 60);
  // props stand until they are eased: nobody else has them meanwhile
  expect(plan.work()?.method.standing.map((s) => s.thing)).toContain('props');
  const free = surveyedPlan('timber-decay', { ...facts, loaded: 'no' }, {}, { choice }).work();
  expect(free?.method.steps.some((s) => s.builder === 'prop-piece' || s.builder === 'ease-props')).toBe(false);
});
