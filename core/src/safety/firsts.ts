import type { StopMatter } from './stop.ts';
import { causeFirst } from './firsts/causes.ts';
import { hairline, slabStep, wallWidth } from './firsts/cracks.ts';
import type { First } from './firsts/first.ts';
import { answerFirsts, beforeFirst, dampFirst, paintFirst, weatherFirst } from './firsts/found.ts';

export type { First } from './firsts/first.ts';

const rules = [causeFirst, wallWidth, hairline, slabStep, beforeFirst, dampFirst, ...answerFirsts, weatherFirst, paintFirst];

/** How the list of them is headed. */
export const firstsTitle = 'Before the first cut';

/** What is seen to before the first cut, the cause first: whatever system is taken. */
export function firstsOf(matter: StopMatter): readonly First[] {
  return rules.flatMap((rule) => rule(matter) ?? []);
}
