import { describe, expect, it } from 'vitest';
import { planInput } from '../../test/cracks.ts';
import { usualFacts } from '../../test/defects.ts';
import { planRepair } from '../plan/repairPlan.ts';
import { tell } from '../quantity/saying.ts';
import type { Defect } from '../survey/job.ts';

const { job, area } = planInput();
const hole = (id: string, side: number, more: Readonly<Record<string, unknown>> = {}): Defect => ({
  id,
  kind: 'plaster-hole',
  mark: id,
  confirmed: [],
  decisions: [],
  facts: usualFacts('plaster-hole', { before: 'paint', outline: { shape: { is: 'rectangle', widthMm: side, heightMm: side } }, ...more }),
});

/** What the lead stop of the first of these says, all of them in one room of 1950; nothing where it does not hold. */
function leadStop(defects: readonly Defect[], facts: Readonly<Record<string, unknown>> = {}): string | undefined {
  const [defect] = defects;
  if (!defect) throw new Error('no defect');
  const answers = Object.fromEntries(
    Object.entries({ yearBuilt: 1950, ...facts }).map(([f, value]) => [f, { value, how: 'entered', at: '2026-06-01T12:00:00Z' }]),
  );
  const plan = planRepair({ job, area: { ...area, facts: { ...area.facts, ...answers }, defects }, defect });
  const stop = plan.state === 'planned' ? plan.stops.find((s) => s.id === 'lead') : undefined;
  return stop && tell(stop.why, { units: 'metric', timeZone: 'UTC' });
}

describe('old paint of a room', () => {
  it('adds up over its repairs: two of half the limit and more are over it together', () => {
    expect(leadStop([hole('a', 600)])).toBeUndefined();
    expect(leadStop([hole('a', 600), hole('b', 600)])).toContain('0.72 m² of it is disturbed by all repairs of the room together');
    expect(leadStop([hole('a', 600), hole('b', 300)])).toBeUndefined();
  });

  it('does not count what had no paint, and what is not measured yet', () => {
    expect(leadStop([hole('a', 600), hole('b', 600, { before: 'bare' })])).toBeUndefined();
    const { outline: _not, ...facts } = hole('b', 600).facts;
    expect(leadStop([hole('a', 600), { ...hole('b', 600), facts }])).toBeUndefined();
  });

  it('counts as lead until it was tested, and for good where lead was found', () => {
    const two = [hole('a', 600), hole('b', 600)];
    expect(leadStop(two, { leadTest: 'free' })).toBeUndefined();
    expect(leadStop(two, { leadTest: 'found' })).toContain('The paint holds lead');
    expect(leadStop(two, { leadTest: 'no' })).toContain('Built in 1950, not tested');
    expect(leadStop(two, { yearBuilt: 1978 })).toBeUndefined();
  });
});
