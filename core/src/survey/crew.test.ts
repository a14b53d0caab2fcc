import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { everyMethod } from '../../test/everyMethod.ts';
import { surveyedPlan } from '../../test/defects.ts';

import { tell } from '../quantity/saying.ts';
import { sheetOf } from '../plan/sheet.ts';
import { crewOf, crewToday, crewWords, handsOf, lacking, unnamed, type Person } from './crew.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
const ada: Person = { id: 'a', name: 'Ada', skills: ['respirator'] };
const ben: Person = { id: 'b', name: 'Ben', skills: [] };
const cleo: Person = { id: 'c', name: 'Cleo', skills: ['overhead'] };
const nobody: Person = { id: 'n', name: ' ', skills: [] };

describe('a crew', () => {
  it('is told by its names, or by how many they are', () => {
    expect([unnamed(1), unnamed(2), unnamed(3), [ada], [ada, ben], [ada, ben, cleo], [ada, nobody], [ada, ben, nobody, nobody]].map(crewWords)).toEqual([
      'one person',
      'a pair',
      'three people',
      'Ada',
      'Ada and Ben',
      'Ada, Ben and Cleo',
      'Ada and one more',
      'Ada, Ben and two more',
    ]);
  });

  it('has at most two at one repair, and is made smaller or larger without losing whom it names', () => {
    const person = fc.record({
      id: fc.oneof(fc.uuid(), fc.constantFrom('person-1', 'person-2', 'person-3')),
      name: fc.constantFrom('', 'Ada', 'Ben'),
      skills: fc.constant([]),
    });
    fc.assert(
      fc.property(fc.uniqueArray(person, { minLength: 1, maxLength: 6, selector: (p) => p.id }), fc.constantFrom<1 | 2>(1, 2), (crew, hands) => {
        const made = crewOf(crew, hands);
        expect(handsOf(made)).toBe(hands);
        expect(new Set(made.map((p) => p.id)).size).toBe(made.length);
        const kept = Math.min(crew.length, made.length);
        expect(made.slice(0, kept)).toEqual(crew.slice(0, kept));
        // more than two stay more than two where two are wanted
        if (hands === 2 && crew.length > 1) expect(made).toEqual(crew);
      }),
    );
  });

  it('of an earlier version is so many people of whom nothing is said', () => {
    expect(crewToday({ site: 'Mill', people: 2 })).toEqual({ site: 'Mill', crew: unnamed(2) });
    expect(crewToday({ site: 'Mill', people: 1 })).toEqual({ site: 'Mill', crew: unnamed(1) });
    expect(crewToday({ site: 'Mill', crew: [ada] })).toEqual({ site: 'Mill', crew: [ada] });
  });

  it('lacks what is asked for only where something is said of its people', () => {
    expect(lacking(unnamed(2), ['respirator'])).toEqual([]);
    expect(lacking([ben, nobody], ['respirator', 'respirator'])).toEqual(['respirator']);
    expect(lacking([ada, ben], ['respirator', 'overhead'])).toEqual(['overhead']);
    expect(lacking([ada, cleo], ['respirator', 'overhead'])).toEqual([]);
  });

  it('that nobody is noted for is said on the sheet of every method that asks for it, and on no other', () => {
    let asked = 0;
    for (const { plan, work } of everyMethod({}, { position: 'overhead' })) {
      const skills = new Set(work?.method.steps.flatMap((s) => s.handsOn?.skills.map((asked) => asked.skill) ?? []));
      asked += skills.size;
      const job = { ...jobOf(plan), crew: [ben] };
      expect(sheetOf(plan, job).lacks?.length ?? 0).toBe(skills.size);
      expect(sheetOf(plan, { ...job, crew: [ada, cleo] }).lacks).toBeUndefined();
      expect(sheetOf(plan, { ...job, crew: unnamed(1) }).lacks).toBeUndefined();
    }
    expect(asked).toBeGreaterThan(10);
  });

  it('is named on the sheet, and what it lacks names the step', () => {
    const plan = surveyedPlan('concrete-spall', { position: 'overhead' });
    const sheet = sheetOf(plan, { ...jobOf(plan), crew: [ada, ben] });
    expect([sheet.crew, sheet.people]).toEqual(['Ada and Ben', 2]);
    expect(sheet.lacks?.map((s) => tell(s, how)).join()).toMatch(/^Nobody of this crew is noted as ‘works overhead and at height’, and this asks for it: \S/);
  });
});

function jobOf({ area }: ReturnType<typeof surveyedPlan>) {
  return { id: 'j', site: 'Mill', client: '', timeZone: 'UTC', units: 'metric' as const, startAt: '2026-06-02T05:00:00.000Z', areas: [area], crew: unnamed(2) };
}
