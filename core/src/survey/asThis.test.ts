import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fact } from '../../test/cracks.ts';
import { usualFacts } from '../../test/defects.ts';
import { factsOfKind } from '../../test/kinds.ts';
import { relevantAsks } from './ask.ts';
import { answersOf, asksAnew, asThis, isOwnSize, ownSizes } from './asThis.ts';
import { factProblem } from './factProblem.ts';
import { defectKinds, kindOf } from './kinds.ts';
import { senseDefect } from './sense.ts';

const at = '2026-06-02T12:00:00Z';
const model = (kind: string, facts: ReturnType<typeof usualFacts>) => ({ kind, mark: 'H-01', facts });

describe('the next one as this', () => {
  it('of every kind asks for nothing but its sizes: with those of the first it is whole again', () => {
    for (const kind of defectKinds()) {
      const facts = usualFacts(kind.id);
      expect(senseDefect(kind.id, facts).missing, kind.id).toEqual([]);
      const next = asThis(model(kind.id, facts), at).facts;
      expect(
        senseDefect(kind.id, next).missing.filter((ask) => !isOwnSize(ask)),
        kind.id,
      ).toEqual([]);
      const sizes = Object.fromEntries(Object.entries(facts).filter(([field]) => next[field] === undefined));
      expect(senseDefect(kind.id, { ...next, ...sizes }).missing, kind.id).toEqual([]);
    }
  });

  it('has sizes of its own to measure, of every kind, and its first question is one', () => {
    for (const kind of defectKinds()) {
      const next = asThis(model(kind.id, usualFacts(kind.id)), at).facts;
      const [first] = ownSizes(kind.id, next);
      expect(first?.required, kind.id).toBe(true);
    }
  });

  it('keeps every other answer, says whose it was, and takes no measure of another place for one of this', () => {
    for (const kind of defectKinds()) {
      fc.assert(
        fc.property(factsOfKind(kind), (facts) => {
          const next = asThis({ kind: kind.id, mark: 'H-01', facts }, at).facts;
          for (const ask of relevantAsks(kind, facts)) {
            const [was, now] = [facts[ask.field], next[ask.field]];
            if (isOwnSize(ask)) expect(now).toBeUndefined();
            else if (was) {
              expect(now).toMatchObject({ value: was.value, at, asIn: 'H-01' });
              if (ask.ask === 'measure') expect(now?.how).toBe('assumed');
              expect(factProblem(ask, now)).toBeUndefined();
            }
          }
        }),
        { numRuns: 20 },
      );
    }
  });

  it('names the first that was measured, however often it goes on', () => {
    const second = asThis(model('slab-crack', usualFacts('slab-crack')), at).facts;
    const third = asThis({ kind: 'slab-crack', mark: 'H-02', facts: second }, at).facts;
    expect(new Set(Object.values(third).map((f) => f?.asIn))).toEqual(new Set(['H-01']));
  });

  it('takes over a system that was chosen, but not one chosen against the verdict for a reason of its own', () => {
    const of = (choice: { system: string; reason?: string }) => asThis({ ...model('slab-crack', {}), choice }, at).choice;
    expect(of({ system: 'polymer-mortar-2k' })).toEqual({ system: 'polymer-mortar-2k' });
    expect(of({ system: 'polymer-mortar-2k', reason: 'the engineer wants it' })).toBeUndefined();
  });
});

describe('answers that are offered', () => {
  it('are never about safety: that stays to be asked', () => {
    for (const kind of defectKinds()) {
      const offered = answersOf(model(kind.id, usualFacts(kind.id)), at);
      for (const ask of kind.asks) if (asksAnew(ask)) expect(offered[ask.field], `${kind.id} ${ask.field}`).toBeUndefined();
    }
    const crack = answersOf({ kind: 'slab-crack', mark: 'H-01', facts: { located: fact('clear'), movement: fact('still'), moisture: fact('dry') } }, at);
    expect(Object.keys(crack)).toEqual(['moisture']);
  });

  it('name questions that there are: no name of one that is gone', () => {
    const asked = new Set(
      defectKinds().flatMap((k) =>
        kindOf(k.id)
          .asks.filter((a) => asksAnew(a) || isOwnSize(a))
          .map((a) => a.field),
      ),
    );
    for (const field of [
      'located',
      'services',
      'loaded',
      'halfBare',
      'before',
      'coated',
      'movement',
      'seasonal',
      'ground',
      'faces',
      'rated',
      'stepMm',
      'bowMm',
      'moisturePct',
    ])
      expect(asked).toContain(field);
  });
});
