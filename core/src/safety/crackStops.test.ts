import { describe, expect, it } from 'vitest';
import { judged, type Setting } from '../../test/cracks.ts';
import type { Decision } from '../survey/job.ts';
import { respirator } from './silica.ts';

const one = (widthMm: number) => [{ atMm: 0, widthMm }];
const open = (setting: Setting) =>
  judged(setting)
    .stops.filter((s) => s.open)
    .map((s) => s.id);

/** Each stop with a case on either side of it. */
const sides: readonly (readonly [stop: string, stops: Setting, goesOn: Setting])[] = [
  ['prestress', { answers: { reinforcement: 'prestressed', alongBar: 'no' } }, { answers: { reinforcement: 'reinforced', alongBar: 'no' } }],
  ['along-bar', { answers: { reinforcement: 'unknown', alongBar: 'yes' } }, { answers: { reinforcement: 'unknown', alongBar: 'no' } }],
  ['step', { answers: { faces: 'stepped', stepMm: 25.1 } }, { answers: { faces: 'stepped', stepMm: 25 } }],
  ['rocks', { answers: { ground: 'rocks' } }, {}],
  ['grows', { answers: { ground: 'grows' } }, {}],
  ['settled', { answers: { ground: 'settled' } }, {}],
  ['strength', { answers: { claim: 'restore-strength' } }, { answers: { claim: 'no' } }],
  ['located', { answers: { located: 'no' } }, { answers: { located: 'clear' } }],
  ['structural', { answers: { member: 'suspended', widths: one(0.42) } }, { answers: { member: 'suspended', widths: one(0.41) } }],
  [
    'structural',
    { answers: { member: 'other', widths: one(0.31) }, area: { place: 'outside' } },
    { answers: { member: 'other', widths: one(0.3) }, area: { place: 'outside' } },
  ],
  [
    'structural',
    { answers: { member: 'stair', widths: one(0.19) }, area: { place: 'outside-salt' } },
    { answers: { member: 'stair', widths: one(0.18) }, area: { place: 'outside-salt' } },
  ],
];

describe('stops', () => {
  it.each(sides)('%s holds on one side and not on the other', (stop, stops, goesOn) => {
    expect(open(stops)).toContain(stop);
    expect(open(goesOn)).not.toContain(stop);
  });

  it('does not stop a slab on ground for its width alone', () => {
    for (const widthMm of [0.5, 2, 5, 12, 20]) expect(open({ answers: { widths: one(widthMm), depthMm: 100 } })).toEqual([]);
  });

  it('plans nothing while one is open', () => {
    for (const [, stops] of sides) {
      const plan = judged(stops);
      expect(plan.held).toBe(true);
      expect(plan.work()).toBeUndefined();
      expect(plan.section?.dimensions.some((d) => d.id.startsWith('lift'))).toBe(false);
    }
  });

  it('says who decides', () => {
    for (const [, stops] of sides) for (const s of judged(stops).stops) expect(s.who).toMatch(/licensed/);
  });
});

describe('a recorded decision', () => {
  const decision: Decision = { stop: 'step', who: 'R. Example', capacity: 'licensed structural engineer', what: 'may be filled', on: '2026-05-20' };
  const answers = { faces: 'stepped', stepMm: 29 };

  it('lifts the stop it is for, and keeps showing who decided', () => {
    const plan = judged({ answers, defect: { decisions: [decision] } });
    expect(plan.held).toBe(false);
    expect(plan.work()).toBeDefined();
    expect(plan.stops.find((s) => s.id === 'step')?.decision).toEqual(decision);
  });

  it('lifts no other stop', () => {
    expect(judged({ answers: { ...answers, ground: 'rocks' }, defect: { decisions: [decision] } }).held).toBe(true);
  });

  it('does not stand in for a scan', () => {
    expect(judged({ answers: { located: 'no' }, defect: { decisions: [{ ...decision, stop: 'located' }] } }).held).toBe(true);
  });
});

describe('respirator beside shroud and vacuum', () => {
  // values from memory: 29 CFR 1926.1153 Table 1; a cutting wheel on a grinder is judged on the safe side
  it.each([
    ['handheld-saw-wet', true, 10, 'APF 10'],
    ['handheld-saw-wet', true, 300, 'APF 10'],
    ['handheld-saw-wet', false, 240, 'none'],
    ['handheld-saw-wet', false, 241, 'APF 10'],
    ['grinder-shrouded', true, 240, 'none'],
    ['grinder-shrouded', true, 241, 'APF 10'],
    ['grinder-shrouded', false, 500, 'none'],
  ] as const)('%s, inside %s, %d min: %s', (tool, indoors, minutes, wanted) => {
    expect(respirator(tool, indoors, minutes)).toBe(wanted);
  });
});
