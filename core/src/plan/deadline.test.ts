import { describe, expect, it } from 'vitest';
import { planInput } from '../../test/cracks.ts';
import { usualFacts } from '../../test/defects.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { fastestBy, takenFor } from './deadline.ts';
import { clientOptions, type Asked } from './options.ts';
import { planRepair, type PlanInput } from './repairPlan.ts';

const words = (s: Saying) => tell(s, { units: 'metric', timeZone: 'UTC' });
const input = (kind: string, answers: Readonly<Record<string, unknown>> = {}): PlanInput => ({
  ...planInput(),
  defect: { id: 'd', kind, mark: 'O-01', confirmed: [], decisions: [], facts: usualFacts(kind, answers) },
});

describe('against a deadline', () => {
  const joint = (answers: Readonly<Record<string, unknown>> = {}) =>
    input('drywall-joint', { joint: 'butt', tape: 'loose', paint: 'flat', light: 'soft', texture: 'smooth', look: 'passing', ...answers });
  const at = (hours: number) => new Date(Date.parse('2026-06-02T05:00:00.000Z') + hours * 3_600_000).toISOString();

  it('takes the fastest way that still meets the level, and says how many are in time', () => {
    const loose = fastestBy(joint(), at(24 * 14));
    expect(loose?.fastest?.level?.value).toBe(4);
    expect(loose && words(loose.says)).toMatch(/^In time: setting compound, twenty minutes is done .*, to level 4\. \d+ ways are in time\.$/);
    // nothing that fits is done sooner than what is called the fastest
    const all =
      clientOptions(joint(), { asked: ['re-tape', 'setting-compound-20', 'setting-compound-90'].map((system): Asked => ({ scope: 'patch', system })) })
        ?.options ?? [];
    for (const o of all) expect(Date.parse(o.sheet.work?.schedule.doneAt ?? '')).toBeGreaterThanOrEqual(Date.parse(loose?.fastest?.doneAt ?? ''));
  });

  it('takes a fan where the fastest way is in time with one only', () => {
    // damp air: what sets by the evening is not dry by the morning
    const damp = {
      ...joint(),
      area: { ...joint().area, facts: { ...joint().area.facts, humidityPct: { ...planInput().area.facts['humidityPct'], value: 75 } } },
    } as PlanInput;
    const still = Date.parse(fastestBy(damp, at(24 * 14))?.fastest?.doneAt ?? '');
    const blown = fastestBy(damp, new Date(still - 60_000).toISOString());
    expect([blown?.fastest?.fan, Date.parse(blown?.fastest?.doneAt ?? '') < still]).toEqual([true, true]);
    expect(words(blown?.says ?? [])).toMatch(/^In time: .* with a fan over each coat is done/);
    // and that way is planned so where it is taken
    if (!blown?.fastest) throw new Error('nothing is in time');
    const plan = planRepair({ ...damp, defect: { ...damp.defect, ...takenFor(damp.defect, blown.fastest) } });
    const work = plan.state === 'planned' ? plan.work() : undefined;
    expect([work?.schedule.doneAt, work?.method.steps.filter((s) => s.builder === 'set-fan').length]).toEqual([blown?.fastest?.doneAt, 1]);
  });

  it('names the step that does not fit where none is in time', () => {
    const said = words(fastestBy(joint(), at(4))?.says ?? []);
    expect(said).toMatch(/What does not fit first: [A-Z].+, done /);
  });

  it('says which level stands by then where none is done', () => {
    const tight = fastestBy(joint(), at(4));
    expect(tight?.fastest).toBeUndefined();
    expect(tight && words(tight.says)).toMatch(/By the deadline it stands at level [134] of 4, neither primed nor painted/);
    expect(words(fastestBy(joint(), at(0.2))?.says ?? [])).toContain('stands at level 1 of 4');
  });

  it('goes for what has no level too, and says so where nothing fits', () => {
    expect(words(fastestBy(input('timber-decay'), at(24 * 9))?.says ?? [])).toMatch(/^In time: .* is done/);
    expect(words(fastestBy(input('concrete-scaling', { moisture: 'wet', depthMm: 60 }), at(24))?.says ?? [])).toMatch(/none is done by then|nothing fits/i);
  });
});
