import { defectKinds, kindOf, surfaces, type SchoolQuestion, type Surface } from '@oddment/core';

/** Surfaces that a question is about, in the order of the walk. */
export function surfacesOf({ kinds }: Pick<SchoolQuestion, 'kinds'>): readonly Surface[] {
  const own = new Set(
    defectKinds()
      .filter((k) => kinds.includes(k.id))
      .map((k) => kindOf(k.id).surface),
  );
  return surfaces.filter((s) => own.has(s));
}

/** Which questions are shown: of one surface, those that the firm has set alone, those that hold all words that are searched. */
export interface RulesAsked {
  readonly surface?: Surface;
  readonly setAlone: boolean;
  readonly search: string;
}

function textOf({ question, sides, unless = [] }: SchoolQuestion): string {
  return [question, ...sides.flatMap((s) => [s.title, s.reason]), ...unless.map((u) => u.because)].join(' ').toLowerCase();
}

/**
 * The questions on which the trade differs, those that are asked for, in their order.
 * @param chosen the sides that the firm has taken, by the question's id
 */
export function foundRules(
  questions: readonly SchoolQuestion[],
  chosen: Readonly<Record<string, string>>,
  { surface, setAlone, search }: RulesAsked,
): readonly SchoolQuestion[] {
  const words = search
    .toLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '');
  return questions.filter((q) => {
    if (setAlone && chosen[q.id] === undefined) return false;
    if (surface !== undefined && !surfacesOf(q).includes(surface)) return false;
    const text = words.length > 0 ? textOf(q) : '';
    return words.every((w) => text.includes(w));
  });
}
