import { say, type Saying } from '../../quantity/saying.ts';
import type { PatchSystem } from '../../shelf/patchSystem.ts';
import { outcomes, type Outcome } from '../../shelf/outcomes.ts';
import type { Subject } from '../subject.ts';
import type { Verdict } from '../verdict.ts';

/** What of what was asked, and of what it opened itself, a system leaves to be done. */
export function openAfter(asked: readonly Outcome[], { gives, opens = [] }: Pick<PatchSystem, 'gives' | 'opens'>): readonly Outcome[] {
  return [...asked, ...opens].filter((o) => !gives.includes(o));
}

/** Several things in a sentence. */
function listed(left: readonly Outcome[]): Saying {
  const words = left.map((o) => outcomes[o]);
  const last = words[words.length - 1] ?? '';
  return words.length < 2 ? say`${last}` : say`${words.slice(0, -1).join(', ')} and ${last}`;
}

/** How the rule is told among the others: it is about the whole, and stands in no table of rules. */
export const leftOpenRule = { id: 'left-open', title: 'All that was asked' } as const;

/** Whether all that was asked is there in the end. @param completed what leaves nothing to be done, where the shelf has it */
export function leftOpenVerdict({ asked }: Subject, system: PatchSystem, completed?: PatchSystem): readonly Verdict[] {
  if (asked.length === 0 && !system.opens) return [];
  const left = openAfter(asked, system);
  const rule = { rule: leftOpenRule.id, title: leftOpenRule.title, source: 'practice' as const, excess: left.length };
  if (left.length === 0) return [{ ...rule, grade: 'fits', reason: () => say`Nothing that was asked is left to be done: ${listed(asked)}.` }];
  return [
    {
      ...rule,
      grade: 'care',
      reason: () => say`it leaves to be done: ${listed(left)}`,
      ...(completed && { change: () => say`nothing is left with: ${completed.title}` }),
    },
  ];
}
