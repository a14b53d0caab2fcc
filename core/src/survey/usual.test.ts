import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planInput, fact } from '../../test/cracks.ts';
import { usualFacts } from '../../test/defects.ts';
import { factsOfKind } from '../../test/kinds.ts';
import { issuePlan } from '../plan/issued.ts';
import { planRepair } from '../plan/repairPlan.ts';
import { tell } from '../quantity/saying.ts';
import { diffSaid, fieldDiff, putBack } from '../record/recordFields.ts';
import { asksAnew, asThis, isOwnSize } from './asThis.ts';
import { defectKinds } from './kinds.ts';
import { mayBeUsual, usualOf, usualProblem, withUsual } from './usual.ts';

const at = '2026-06-02T12:00:00Z';
const metric = { units: 'metric', timeZone: 'UTC' } as const;

describe('the usual answers of an area', () => {
  it('fill what a defect of any kind leaves open, and never a size or what is about safety', () => {
    for (const kind of defectKinds())
      fc.assert(
        fc.property(factsOfKind(kind), factsOfKind(kind), (there, here) => {
          const usual = { [kind.id]: usualOf({ kind: kind.id, facts: there }, at) };
          expect(usualProblem(usual)).toBeUndefined();
          const held = withUsual({ name: 'Hall', usual }, { kind: kind.id, facts: here }).facts;
          for (const ask of kind.asks) {
            const [own, got] = [here[ask.field], held[ask.field]];
            if (own) expect(got).toBe(own);
            else if (isOwnSize(ask) || asksAnew(ask)) expect(got).toBeUndefined();
            else if (got) expect(got).toMatchObject({ value: there[ask.field]?.value, usualIn: 'Hall' });
          }
          const open = kind.asks.filter((a) => usual[kind.id]?.[a.field] !== undefined);
          expect(open.every((a) => held[a.field] !== undefined)).toBe(true);
        }),
        { numRuns: 12 },
      );
  });

  it('plan a repair that says nothing but its sizes and what is about safety as one that says all, of every kind', () => {
    for (const kind of defectKinds()) {
      const facts = usualFacts(kind.id);
      const input = planInput({ defect: { kind: kind.id, facts } });
      const bare = Object.fromEntries(
        Object.entries(facts).filter(([field]) => {
          const ask = kind.asks.find((a) => a.field === field);
          return ask !== undefined && !mayBeUsual(ask);
        }),
      );
      const area = { ...input.area, usual: { [kind.id]: usualOf({ kind: kind.id, facts }, at) } };
      const [told, usual] = [planRepair(input), planRepair({ ...input, area, defect: { ...input.defect, facts: bare } })];
      expect(usual.sense.defect, kind.id).toEqual(told.sense.defect);
      expect(usual.state, kind.id).toBe(told.state);
      const systems = (p: typeof told) => (p.state === 'planned' ? p.candidates.map((c) => `${c.system.id} ${c.grade}`) : []);
      expect(systems(usual), kind.id).toEqual(systems(told));
    }
  });

  it('are told as what they are: a measure of theirs is assumed at a repair', () => {
    const input = planInput({ defect: { kind: 'slab-crack', facts: {} } });
    const usual = { 'slab-crack': { slabMm: fact(150, 'measured') } };
    const plan = planRepair({ ...input, area: { ...input.area, usual }, defect: { ...input.defect, facts: usualFacts('slab-crack', { slabMm: undefined }) } });
    expect(plan.defect.facts['slabMm']).toMatchObject({ value: 150, how: 'assumed', usualIn: input.area.name });
    if (plan.state === 'incomplete') throw new Error('it should be surveyed');
    expect(JSON.stringify(plan.ledger.rows())).toContain(`assumed as usual in ${input.area.name}`);
  });

  it('are not taken over by the next one as this: they hold for it as they are', () => {
    const held = withUsual(
      { name: 'Hall', usual: { 'slab-crack': { surface: fact('trowelled', 'entered') } } },
      { kind: 'slab-crack', mark: 'H-01', facts: {} },
    );
    expect(asThis(held, at).facts).toEqual({});
  });

  it('stay with a plan that was issued on them, whatever the area says later', () => {
    const input = planInput();
    const { facts } = input.defect;
    const area = { ...input.area, usual: { 'slab-crack': usualOf({ kind: 'slab-crack', facts }, at) } };
    const bare = Object.fromEntries(Object.entries(facts).filter(([field]) => area.usual['slab-crack']?.[field] === undefined));
    const issued = issuePlan({ ...input, area, defect: { ...input.defect, facts: bare } });
    if (!issued.ok) throw new Error(tell(issued.why, metric));
    expect(Object.keys(issued.plan.inputs.defect.facts).sort()).toEqual(Object.keys(facts).sort());
  });

  it.each([
    [[], '', /must be an object/],
    [{ 'no-such': {} }, 'no-such', /no kind of defect/],
    [{ 'slab-crack': 7 }, 'slab-crack', /must be an object/],
    [{ 'slab-crack': { lengthMm: fact(4000, 'measured') } }, 'slab-crack/lengthMm', /asked of each repair/],
    [{ 'slab-crack': { located: fact('clear', 'entered') } }, 'slab-crack/located', /asked of each repair/],
    [{ 'slab-crack': { slabMm: fact(-3, 'measured') } }, 'slab-crack/slabMm', /must lie between/],
  ])('refuse %j with where it lies', (usual, path, words) => {
    const problem = usualProblem(usual);
    expect(problem?.path).toBe(path);
    expect(tell(problem?.sentence ?? [], metric)).toMatch(words);
  });

  it('are told in what changed and put back as they were', () => {
    const was = { name: 'Hall', facts: {} };
    const now = { ...was, usual: { 'slab-crack': { slabMm: { ...fact(150, 'measured'), text: '150' } } } };
    const diff = fieldDiff({ entity: 'area', body: was }, { entity: 'area', body: now });
    const [said] = diffSaid('area', diff);
    expect(said?.about).toMatch(/^Usual here/);
    expect(tell(said?.now ?? [], metric)).toMatch(/150/);
    expect(putBack(now, diff)).toEqual({ ...was, usual: {} });
  });
});
