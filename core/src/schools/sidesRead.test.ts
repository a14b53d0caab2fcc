import { expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { choicesOf, follows, seeded } from '../../test/follows.ts';
import { chains } from '../shelf/chains.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { kindOf } from '../survey/kinds.ts';
import type { SchoolQuestion } from './school.ts';
import { schoolQuestion, schoolQuestions } from './schools.ts';

/** Whether the two sides of a question make two plans, over situations drawn at random. */
function moves(question: SchoolQuestion): boolean {
  const random = seeded(5);
  const [one, two] = question.sides;
  const climates = [{}, { place: 'outside' }, { slabC: 12, airC: 12 }];
  for (let round = 0; round < 90; round++) {
    const kind = kindOf(question.kinds[round % question.kinds.length] ?? '');
    const systems = [...genericShelf, ...chains].filter((s) => s.suits.includes(kind.id) && (!question.systems || question.systems.includes(s.id)));
    const system = systems[Math.floor(random() * systems.length)]?.id;
    if (system === undefined) continue;
    const answers: Record<string, unknown> = Object.fromEntries(
      choicesOf(kind)
        .filter(() => round > 0 && random() < 0.6)
        .map((a) => [a.field, a.options[Math.floor(random() * a.options.length)]?.value]),
    );
    for (const ask of kind.asks) if (ask.ask === 'measure' && random() < 0.25) answers[ask.field] = ask.min + (ask.max - ask.min) * random() * 0.3;
    const made = [one, two].map((side) => follows(kind, answers, system, { [question.id]: side.id }, climates[round % climates.length]));
    if (made[0] !== undefined && made[1] !== undefined && made[0] !== made[1]) return true;
  }
  return false;
}

it.each(schoolQuestions.map((q: SchoolQuestion) => [q.id, q] as const))('%s: each side makes another plan, or says why it makes none', (_id, question) => {
  const unplanned = question.sides.some((s) => s.unplanned !== undefined);
  expect([question.id, moves(question)]).toEqual([question.id, !unplanned]);
});

it('what is taken and changes nothing is said, with why', () => {
  const does = (kind: string, id: string, side: string) =>
    surveyedPlan(kind, {}, {}, { schools: { [id]: side } }).schools.find((s) => s.question.id === id)?.does;
  expect(does('concrete-spall', 'proportions', 'by-eye')).toBe(
    'Taken all the same, it changes nothing here: a plan tells amounts, and what is taken by eye is none.',
  );
  expect(does('concrete-spall', 'proportions', 'measured')).toContain('The other way is not planned');
  expect(does('wall-crack', 'leaking-crack', 'foam')).toBe('It says which systems are proposed first, of those that fit alike.');
  const patched = surveyedPlan('drywall-hole', {}, {}, { choice: { system: 'board-patch', reason: 'tried' } });
  expect(patched.schools.find((s) => s.question.id === 'plug-gap')?.does).toBe('It changes nothing here: board patch does not come to it.');
});

it('a side that somebody took moves what is proposed among those that fit alike, and says so; the situation alone moves nothing', () => {
  const wanted = schoolQuestion('leaking-crack');
  if (!wanted) throw new Error('no such question');
  const plan = (schools: Readonly<Record<string, string>>) => surveyedPlan('wall-crack', { moisture: 'dry', movement: 'still' }, {}, { schools });
  let found = 0;
  for (const side of wanted.sides) {
    const { candidates } = plan({ 'leaking-crack': side.id });
    const favored = candidates.filter((c) => c.favored !== undefined);
    found += favored.length;
    expect(favored.every((c) => c.grade !== 'out' && (c.chain ?? [c.system]).some((s) => side.favors?.includes(s.id)))).toBe(true);
    for (const c of favored) expect(c.favored).toBe(`${wanted.question} ${side.title}`);
  }
  expect(found).toBeGreaterThan(0);
  expect(plan({}).candidates.filter((c) => c.favored !== undefined)).toEqual([]);
});
