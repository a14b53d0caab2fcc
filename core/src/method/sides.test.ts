import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { methodText } from '../../test/methodText.ts';
import { schoolQuestions } from '../schools/schools.ts';
import { chains } from '../shelf/chains.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { defectKinds } from '../survey/kinds.ts';
import { familyReads } from './families.ts';

/** Answers under which questions arise that a plain defect does not raise. */
const situations: readonly Readonly<Record<string, unknown>>[] = [
  {},
  { position: 'overhead' },
  { traffic: 'hard-wheels' },
  { joint: 'butt' },
  { finish: 'clear' },
  { sagMm: 5, position: 'wall' },
  { shell: 'gelcoat', drip: 'yes' },
  { finish: 'gloss' },
  { wallMm: 400 },
  { lengthMm: 3000, wallMm: 100 },
  { behind: 'no' },
  { through: 'yes' },
  { depthMm: 40 },
  { traffic: 'foot', finish: 'bare' },
  { paint: 'gloss', light: 'soft', look: 'close' },
];

/** Questions whose other side is barred wherever it would make a difference. */
const oneSideOnly = new Set(['overhead-plaster']);

/** The method as text, by the side that is taken of one question. */
function methodsBySide(
  question: (typeof schoolQuestions)[number],
  kind: string,
  system: string,
  answers: Readonly<Record<string, unknown>>,
): readonly (string | undefined)[] {
  return question.sides.map((side) => {
    try {
      const work = surveyedPlan(kind, answers, { slabC: 25, airC: 25 }, { choice: { system, reason: 'tried' }, schools: { [question.id]: side.id } }).work();
      return work && methodText(work);
    } catch {
      // answers that this kind does not have, or not together
      return undefined;
    }
  });
}

describe('a question of the trade that a method follows', () => {
  const everything = [...genericShelf, ...chains];
  const readBy = new Map(schoolQuestions.map((q) => [q.id, genericShelf.filter((s) => familyReads(s).includes(q.id)).map((s) => s.id)]));

  it.each(schoolQuestions.filter((q) => (readBy.get(q.id) ?? []).length > 0).map((q) => [q.id, q] as const))(
    '%s: its sides make different methods',
    (_id, question) => {
      const systems = everything.filter((s) =>
        'chain' in s
          ? (s.chain as readonly { readonly id: string }[]).some((m) => readBy.get(question.id)?.includes(m.id))
          : readBy.get(question.id)?.includes(s.id),
      );
      const differs = question.kinds.some((kind) =>
        systems
          .filter((s) => s.suits.includes(kind))
          .some(({ id }) =>
            situations.some((answers) => {
              const [one, two] = methodsBySide(question, kind, id, answers);
              return one !== undefined && two !== undefined && one !== two;
            }),
          ),
      );
      expect(differs).toBe(!oneSideOnly.has(question.id));
    },
  );

  it('is asked of kinds that there are only', () => {
    const kinds = new Set(defectKinds().map((k) => k.id));
    for (const q of schoolQuestions) expect(q.kinds.filter((k) => !kinds.has(k))).toEqual([]);
  });
});
