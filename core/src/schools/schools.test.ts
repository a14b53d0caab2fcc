import { describe, expect, it } from 'vitest';
import { planInput, repaired, type Setting } from '../../test/cracks.ts';
import { surveyedPlan } from '../../test/defects.ts';
import { planRepair } from '../plan/repairPlan.ts';
import { tell } from '../quantity/saying.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { sources } from '../sources/register.ts';
import { defectKinds, kindOf } from '../survey/kinds.ts';
import { areaTable } from '../survey/area.ts';
import { arises, preferenceProblems, takenSide, type SchoolQuestion } from './school.ts';
import { schoolQuestion, schoolQuestions } from './schools.ts';

const question = (id: string): SchoolQuestion => {
  const found = schoolQuestion(id);
  if (!found) throw new Error(id);
  return found;
};
const judged = (setting: Setting, schools: Readonly<Record<string, string>> = {}) => {
  const { plan, ...repair } = repaired({ ...setting, defect: { ...setting.defect, schools } });
  return { plan, repair };
};

describe('the questions on which the trade differs', () => {
  it('each have two sides with reasons, a usual one, and a known source', () => {
    expect(new Set(schoolQuestions.map((q) => q.id)).size).toBe(schoolQuestions.length);
    for (const q of schoolQuestions) {
      const ids = q.sides.map((s) => s.id);
      expect(new Set(ids).size).toBe(2);
      expect(ids).toContain(q.usual);
      expect(sources[q.source]).toBeDefined();
      for (const s of q.sides) expect(s.reason.length).toBeGreaterThan(15);
      for (const { side } of [...(q.unless ?? []), ...(q.barred ?? [])]) expect(ids).toContain(side);
      // never both at once: something must be left to do
      expect(new Set((q.barred ?? []).map((b) => b.side)).size).toBeLessThan(2);
    }
  });

  it('are about kinds and systems that there are, and look at answers that such a kind or its area has', () => {
    for (const q of schoolQuestions) {
      for (const kind of q.kinds) expect([q.id, kind, defectKinds().some((k) => k.id === kind)]).toEqual([q.id, kind, true]);
      for (const system of q.systems ?? []) expect([q.id, system, genericShelf.some((s) => s.id === system)]).toEqual([q.id, system, true]);
      const asks = [...areaTable.asks, ...q.kinds.flatMap((k) => kindOf(k).asks)];
      for (const { when } of [...(q.unless ?? []), ...(q.barred ?? [])]) {
        for (const [field, values] of Object.entries(when)) {
          const options = asks.flatMap((a) => (a.ask === 'choice' && a.field === field ? a.options.map((o) => o.value) : []));
          for (const value of values) expect([q.id, field, value, options.includes(value)]).toEqual([q.id, field, value, true]);
        }
      }
    }
  });

  it('favor systems that there are, and leave no side unplanned without the other', () => {
    for (const q of schoolQuestions) {
      for (const id of q.sides.flatMap((s) => s.favors ?? [])) expect([q.id, id, genericShelf.some((s) => s.id === id)]).toEqual([q.id, id, true]);
      expect(q.sides.filter((s) => s.unplanned !== undefined).length).toBeLessThan(2);
      expect(q.sides.find((s) => s.id === q.usual)?.unplanned).toBeUndefined();
    }
  });

  it('arise on their kinds, and on their systems where they name any', () => {
    expect(arises(question('plug-gap'), 'drywall-hole')).toBe(true);
    expect(arises(question('plug-gap'), 'drywall-hole', 'board-patch')).toBe(false);
    expect(arises(question('plug-gap'), 'tub-nick')).toBe(false);
  });
});

describe('the side taken', () => {
  const chase = question('chase-depth');
  it('is the repair’s own, else the firm’s, else the situation’s', () => {
    expect(takenSide(chase, {}, {}, { traffic: 'hard-wheels' })).toMatchObject({ side: { id: 'deep' }, by: 'context', because: 'hard wheels go over it' });
    expect(takenSide(chase, {}, { 'chase-depth': 'shallow' }, { traffic: 'hard-wheels' })).toMatchObject({ side: { id: 'shallow' }, by: 'firm' });
    expect(takenSide(chase, { 'chase-depth': 'deep' }, { 'chase-depth': 'shallow' }, {})).toMatchObject({ side: { id: 'deep' }, by: 'repair' });
  });

  it('is never one that is barred here, whoever wants it', () => {
    const cleaner = question('tub-cleaner');
    expect(takenSide(cleaner, { 'tub-cleaner': 'acetone' }, { 'tub-cleaner': 'acetone' }, { shell: 'acrylic' })).toMatchObject({
      side: { id: 'detergent' },
      by: 'context',
    });
    expect(takenSide(cleaner, { 'tub-cleaner': 'acetone' }, {}, { shell: 'enamel' })).toMatchObject({ side: { id: 'acetone' }, by: 'repair', barred: [] });
    for (const q of schoolQuestions)
      for (const b of q.barred ?? []) {
        const answers = Object.fromEntries(Object.entries(b.when).map(([field, [value]]) => [field, value]));
        expect([q.id, takenSide(q, { [q.id]: b.side }, { [q.id]: b.side }, answers).side.id]).not.toEqual([q.id, b.side]);
      }
  });

  it('is told of every kind, with what it depends on', () => {
    const plan = surveyedPlan('tub-nick', { shell: 'acrylic' });
    const schools = plan.schools;
    expect(schools.map((s) => s.question.id)).toContain('tub-cleaner');
    expect(schools.find((s) => s.question.id === 'tub-cleaner')?.side.id).toBe('detergent');
    expect(schools.map((s) => s.question.id)).not.toContain('chase-depth');
  });

  it('that does not exist is refused in words', () => {
    expect(preferenceProblems(schoolQuestions, { 'chase-depth': 'deep' })).toEqual([]);
    expect(preferenceProblems(schoolQuestions, { 'chase-depth': 'wide', moon: 'full' })).toEqual([
      "'wide' is no side of 'How deep to chase?'. It must be shallow or deep.",
      "There is no question 'moon' among the schools.",
    ]);
  });
});

describe('what a side does to the plan', () => {
  const words = (s: Parameters<typeof tell>[0]) => tell(s, { units: 'metric', timeZone: 'UTC' });
  it('flush: nothing stands proud, nothing is ground, less resin', () => {
    const proud = judged({});
    const flush = judged({}, { 'proud-or-flush': 'flush' });
    expect(proud.repair.method.steps.some((s) => s.builder === 'grind-flush')).toBe(true);
    expect(flush.repair.method.steps.some((s) => s.builder === 'grind-flush')).toBe(false);
    expect(flush.repair.batch.resinPlaced.value).toBeLessThan(proud.repair.batch.resinPlaced.value);
    expect(flush.repair.cautions.map((c) => c.id)).not.toContain('silica-grinder-cup');
    expect(flush.repair.method.steps.map((s) => words(s.detail)).join(' ')).toContain('struck off flush');
    expect(flush.repair.work.section.lines.some((l) => l.line === 'grind')).toBe(false);
  });

  it('on the cured lift: a longer wait, and its face abraded before the next', () => {
    const gelled = judged({});
    const cured = judged({}, { 'second-placement': 'cured' });
    const builders = cured.repair.method.steps.map((s) => s.builder);
    expect(builders).toContain('abrade-lift');
    expect(builders).not.toContain('wait-for-gel');
    expect(cured.repair.schedule.total.value).toBeGreaterThan(gelled.repair.schedule.total.value);
  });

  it('premixed: also in a narrow groove', () => {
    expect(judged({}).repair.method.premixed).toBe(false);
    expect(judged({}, { 'sand-into-resin': 'premixed' }).repair.method.premixed).toBe(true);
  });

  it('is shown beside the other side for every question that the method follows', () => {
    const { plan } = judged({});
    const acting = plan.schools.filter((s) => s.effects.length > 0);
    expect(acting.map((s) => s.question.id)).toEqual(['chase-depth', 'second-placement', 'sand-into-resin', 'proud-or-flush']);
    for (const s of acting) for (const e of s.effects) expect(e.work()?.mixes[0]?.total.value).toBeGreaterThan(0);
  });

  it('a firm’s own rates and labor: longer chasing takes longer, and an hour has its price', () => {
    const input = planInput({});
    const own = planRepair({ ...input, rules: { schools: {}, rates: { chasePace: 15 }, labor: { perHour: 60, currency: 'EUR', since: '2026-01-01' } } });
    const usual = planRepair(input);
    if (own.state !== 'planned' || usual.state !== 'planned') throw new Error('planned');
    const chasing = (plan: typeof own) => plan.work()?.method.steps.find((s) => s.builder === 'chase')?.minutes.value ?? 0;
    expect(chasing(own)).toBeGreaterThan(chasing(usual) * 3);
    // in whole minutes, as the time is shown
    expect(own.work()?.labor?.cost.value).toBe(Math.round(own.work()?.schedule.handsOn.value ?? 0));
    expect(usual.work()?.labor).toBeUndefined();
    expect(own.ledger.rows().some((f) => f.label === 'Chasing, each pass' && 'source' in f.origin && f.origin.source === 'firm')).toBe(true);
  });
});
