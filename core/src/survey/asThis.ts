import { relevantAsks, type Ask, type Fact, type LooseFacts } from './ask.ts';
import type { Choice, Defect } from './job.ts';
import { kindOf, type DefectKind } from './kinds.ts';

/** Measured among the sizes, but of what it lies in: the same for what is found beside it. */
const ofMember: ReadonlySet<string> = new Set(['slabMm', 'wallMm', 'thicknessMm', 'shellMm', 'boardMm', 'sectionMm']);

/** Measured of this one alone, though it is not among the sizes. */
const ownMeasures: ReadonlySet<string> = new Set(['stepMm', 'bowMm', 'coverMm', 'leftMm', 'bars', 'moisturePct']);

/**
 * What a wrong answer to could hurt somebody or a building by: whether bars and services were located, what carries
 * load, what moves, what was on it before. It is asked at each repair; an answer is never taken from another without
 * the person's word.
 */
const ofSafety: ReadonlySet<string> = new Set([
  'located',
  'services',
  'infill',
  'loaded',
  'halfBare',
  'barSeen',
  'alongBar',
  'reinforcement',
  'before',
  'coated',
  'movement',
  'movementMm',
  'seasonal',
  'ground',
  'faces',
  'rated',
  'course',
]);

/** Whether a question is asked at each repair, whatever was answered at another. */
export const asksAnew = (ask: Ask): boolean => ofSafety.has(ask.field);

/** Whether a question is about the size of one defect, which the next one does not share. */
export function isOwnSize(ask: Ask): boolean {
  if (ownMeasures.has(ask.field)) return true;
  switch (ask.ask) {
    case 'measure':
      return ask.group === 'Size' && !ofMember.has(ask.field);
    case 'stations':
    case 'outline':
    case 'depth-grid':
    case 'tapping':
      return true;
    case 'choice':
    case 'text':
      return false;
  }
}

/** Whether a question may be folded away: it may stay open and does, and is neither about safety nor about size. */
export const mayFold = (ask: Ask, facts: LooseFacts): boolean =>
  !ask.required && facts[ask.field] === undefined && !asksAnew(ask) && (ask.group !== 'Size' || ask.ask === 'choice');

/** The sizes that are asked of a defect with these answers, in order. */
export const ownSizes = (kind: DefectKind, facts: LooseFacts): readonly Ask[] => relevantAsks(kindOf(kind), facts).filter(isOwnSize);

/** What was measured at another place is assumed at this one. */
function carried(ask: Ask, { value, how, text, asIn }: Fact<unknown>, mark: string, at: string): Fact<unknown> {
  return { value, how: ask.ask === 'measure' ? 'assumed' : how, at, ...(text !== undefined && { text }), asIn: asIn ?? mark };
}

/** A defect that another one is to be like. */
export type Model = Pick<Defect, 'kind' | 'mark' | 'facts' | 'choice' | 'schools' | 'sand'>;

function answers({ kind, mark, facts }: Model, at: string, taken: (ask: Ask, fact: Fact<unknown>) => boolean): LooseFacts {
  return Object.fromEntries(
    relevantAsks(kindOf(kind), facts).flatMap((ask) => {
      const fact = facts[ask.field];
      return fact === undefined || isOwnSize(ask) || !taken(ask, fact) ? [] : [[ask.field, carried(ask, fact, mark, at)]];
    }),
  );
}

/** The answers of another defect of the same kind that may be offered: without its sizes, and without what is about safety. */
export const answersOf = (model: Model, at: string): LooseFacts => answers(model, at, (ask) => !asksAnew(ask));

/** What a person sets when they say that something found is like something else. */
export interface AsThis {
  readonly facts: LooseFacts;
  readonly choice?: Choice;
  readonly schools?: Defect['schools'];
  readonly sand?: Defect['sand'];
}

/**
 * A defect that the person says is as another one: all its answers but its sizes, each with the mark that it comes from,
 * and the system chosen for it. What was decided about that one, confirmed of it or chosen for a reason of its own stays
 * with it; what is usual in its area is so for the next one too and is not taken over.
 * @param at ISO instant at which it was said
 */
export function asThis(model: Model, at: string): AsThis {
  const { choice, schools, sand } = model;
  return {
    facts: answers(model, at, (_ask, fact) => fact.usualIn === undefined),
    ...(choice && choice.reason === undefined && { choice }),
    ...(schools && { schools }),
    ...(sand && { sand }),
  };
}
