import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { tell } from '../quantity/saying.ts';
import { diffSaid, fieldDiff, putBack, recordChanges, withField, type RecordBody } from './recordFields.ts';

const fact = (value: unknown, text?: string) => ({ value, how: 'measured', ...(text !== undefined && { text }) }) as never;
type DefectBody = Extract<RecordBody, { entity: 'defect' }>['body'];
const crack: DefectBody = {
  kind: 'slab-crack',
  mark: 'PS-02',
  facts: { widths: fact([{ atMm: 2100, widthMm: 3 }]), depthMm: fact(40) },
  confirmed: [],
  decisions: [{ stop: 'structural', who: 'R. Acht', capacity: 'engineer', what: 'go on', on: '2026-06-02' }],
  note: 'opens in January',
};
const of = (body: DefectBody): RecordBody => ({ entity: 'defect', body });
const told = (words: Parameters<typeof tell>[0] | undefined) => words && tell(words, { units: 'metric', timeZone: 'UTC' });

describe('what two states of a record differ in', () => {
  it('is told field by field, a width at its place along the crack', () => {
    const wider = { ...crack, facts: { ...crack.facts, widths: fact([{ atMm: 2100, widthMm: 5 }]) }, note: 'opens in winter' };
    expect(recordChanges(of(crack), of(wider)).map((c) => [c.key, told(c.was), told(c.now)])).toEqual([
      ['facts/widths', '3 mm at 2.10 m', '5 mm at 2.10 m'],
      ['note', 'opens in January', 'opens in winter'],
    ]);
  });

  it('is told the same from what is kept of it, without either state', () => {
    const other: DefectBody = { ...crack, kind: 'concrete-spall', facts: {}, sand: 'two', decisions: [] };
    const diff = JSON.parse(JSON.stringify(fieldDiff(of(crack), of(other)))) as ReturnType<typeof fieldDiff>;
    const rows = (changes: ReturnType<typeof recordChanges>) => changes.map((c) => [c.key, c.about, told(c.was), told(c.now)]);
    expect(rows(diffSaid('defect', diff))).toEqual(rows(recordChanges(of(crack), of(other))));
    expect(diff).toHaveProperty(['decisions/structural', 'was', 'who'], 'R. Acht');
  });

  it('does not see the order in which fields lie', () => {
    expect(fieldDiff(of(crack), of({ ...crack, facts: { depthMm: fact(40), widths: crack.facts['widths'] } }))).toEqual({});
  });
});

describe('a field taken from another state', () => {
  const texts = fc.option(fc.string({ maxLength: 6 }), { nil: undefined });
  const bodies = fc
    .record({
      note: texts,
      sand: fc.constantFrom('one' as const, 'two' as const, undefined),
      depth: fc.option(fc.integer({ min: 1, max: 90 }), { nil: undefined }),
      decided: fc.boolean(),
    })
    .map(({ note, sand, depth, decided }): DefectBody => ({
      kind: 'slab-crack',
      mark: 'X',
      confirmed: [],
      facts: depth === undefined ? {} : { depthMm: fact(depth) },
      decisions: decided ? crack.decisions : [],
      ...(note !== undefined && { note }),
      ...(sand && { sand }),
    }));

  it('each in turn makes the one into the other, and putting back makes it what it was', () => {
    fc.assert(
      fc.property(bodies, bodies, (mine, theirs) => {
        const keys = recordChanges(of(mine), of(theirs)).map((c) => c.key);
        expect(keys.reduce((body, key) => withField(body, key, theirs), mine)).toEqual(theirs);
        expect(putBack(theirs, fieldDiff(of(mine), of(theirs)))).toEqual(mine);
      }),
    );
  });

  it('takes the facts with the kind', () => {
    const hole: DefectBody = { ...crack, kind: 'concrete-spall', facts: { depthMm: fact(12) } };
    expect(withField(crack, 'kind', hole)).toMatchObject({ kind: 'concrete-spall', facts: { depthMm: fact(12) }, note: 'opens in January' });
  });
});
