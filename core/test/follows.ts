import { Figure } from '../src/quantity/figure.ts';
import type { Ask } from '../src/survey/ask.ts';
import type { Kind } from '../src/survey/kind.ts';
import { surveyedPlan } from './defects.ts';

/** The same numbers at every run. */
export function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) & 0x7fff_ffff;
    return state / 0x7fff_ffff;
  };
}

/** What a person reads: figures by their value, not by their place in the table. */
const plain = (value: unknown) =>
  JSON.stringify(value, function (this: Record<string, unknown>, key, told: unknown) {
    // a figure tells itself by its id before a replacer sees it
    const raw = this[key];
    return raw instanceof Figure ? raw.value : typeof told === 'function' ? undefined : told;
  });

/** A question with options. */
export type Choice = Extract<Ask, { readonly ask: 'choice' }>;
export const choicesOf = (kind: Kind) => kind.asks.filter((a): a is Choice => a.ask === 'choice');

/** Everything that follows from answers: what is seen to first, stops, verdicts, steps, amounts, cautions, or why there is no plan. */
export function follows(
  kind: Kind,
  answers: Readonly<Record<string, unknown>>,
  system: string,
  schools: Readonly<Record<string, string>> = {},
  area: Readonly<Record<string, unknown>> = {},
): string | undefined {
  const choice = { system, reason: 'tried' };
  try {
    const { firsts, stops, candidates, sense } = surveyedPlan(kind.id, answers, area, { choice, schools });
    const decisions = stops.map((s) => ({ stop: s.id, who: 'A', capacity: 'B', what: 'C', on: '2026-01-01' }));
    const decided = surveyedPlan(kind.id, answers, area, { choice, decisions, schools });
    const work = decided.work();
    return plain([
      firsts,
      stops.map((s) => [s.id, s.why]),
      candidates.filter((c) => c.system.suits.includes(kind.id)).map((c) => [c.system.id, c.grade, c.verdicts.map((v) => [v.rule, v.grade])]),
      work && [
        work.method.steps.map(({ id, title, detail, look, tools }) => [id, title, detail, look, tools]),
        work.quantities.map((q) => [q.id, q.figure.value]),
        work.cautions.map((c) => [c.id, c.text]),
      ],
      decided.problem(),
      sense.defect.doubts,
    ]);
  } catch {
    // answers that cannot be together make no plan
    return undefined;
  }
}
