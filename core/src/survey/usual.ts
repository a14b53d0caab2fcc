import { say, type Saying } from '../quantity/saying.ts';
import { relevantAsks, type Ask, type Fact, type LooseFacts } from './ask.ts';
import { asksAnew, isOwnSize } from './asThis.ts';
import { factProblem } from './factProblem.ts';
import type { Area, Defect } from './job.ts';
import type { Kind } from './kind.ts';
import { isDefectKind, kindOf } from './kinds.ts';

/** Whether an area may have a usual answer to a question: not to the size of one defect, and not to what is about safety. */
export const mayBeUsual = (ask: Ask): boolean => !isOwnSize(ask) && !asksAnew(ask) && (ask.ask === 'measure' || ask.ask === 'choice');

/** The questions of a kind to which an area may have usual answers, in order; those that depend on others once these are answered so. */
export const usualAsks = (kind: Kind, usual: LooseFacts): readonly Ask[] => relevantAsks(kind, usual).filter(mayBeUsual);

/** so much of an area's name is told with an answer of its */
const mostAreaName = 60;

/** What was measured once in an area is assumed at each repair that does not say otherwise. */
function heldHere(ask: Ask, fact: Fact<unknown>, area: string): Fact<unknown> {
  return { ...fact, how: ask.ask === 'measure' ? 'assumed' : fact.how, usualIn: area.slice(0, mostAreaName) };
}

/** A defect with the usual answers of its area where it has none of its own: what a repair is planned on. */
export function withUsual<D extends Pick<Defect, 'kind' | 'facts'>>({ name, usual }: Pick<Area, 'name' | 'usual'>, defect: D): D {
  const answers = usual?.[defect.kind];
  if (answers === undefined || !isDefectKind(defect.kind)) return defect;
  const open = kindOf(defect.kind).asks.flatMap((ask) => {
    const fact = answers[ask.field];
    return fact === undefined || defect.facts[ask.field] !== undefined || !mayBeUsual(ask) ? [] : [[ask.field, heldHere(ask, fact, name)] as const];
  });
  return open.length === 0 ? defect : { ...defect, facts: { ...defect.facts, ...Object.fromEntries(open) } };
}

/**
 * The answers of a defect that its area may take as the usual ones of this kind.
 * @param at ISO instant at which it was said
 */
export function usualOf({ kind, facts }: Pick<Defect, 'kind' | 'facts'>, at: string): LooseFacts {
  return Object.fromEntries(
    relevantAsks(kindOf(kind), facts).flatMap((ask) => {
      const fact = facts[ask.field];
      if (fact === undefined || !mayBeUsual(ask)) return [];
      const { value, how, text } = fact;
      return [[ask.field, { value, how, at, ...(text !== undefined && { text }) }]];
    }),
  );
}

/** What is wrong with the usual answers of an area, with where it lies; nothing where they can be. */
export function usualProblem(value: unknown): { readonly path: string; readonly sentence: Saying } | undefined {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return { path: '', sentence: say`The usual answers must be an object, by the kind of defect.` };
  for (const [kind, answers] of Object.entries(value as Record<string, unknown>)) {
    if (!isDefectKind(kind)) return { path: kind, sentence: say`The usual answers name ‘${kind}’, which is no kind of defect.` };
    if (typeof answers !== 'object' || answers === null) return { path: kind, sentence: say`The usual answers of a kind must be an object, by the question.` };
    for (const [field, fact] of Object.entries(answers as Record<string, unknown>)) {
      const ask = kindOf(kind).asks.find((a) => a.field === field);
      if (!ask || !mayBeUsual(ask))
        return { path: `${kind}/${field}`, sentence: say`‘${ask?.question ?? field}’ can have no usual answer: it is asked of each repair, or of none.` };
      const wrong = factProblem(ask, fact);
      if (wrong) return { path: `${kind}/${field}`, sentence: wrong };
    }
  }
  return undefined;
}
