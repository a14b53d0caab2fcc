import { atLeast, atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import type { Rule } from '../verdict.ts';

/** Which way through a wall: from its face as far as ports reach, through drilled holes where it is thicker. Never ruled out by that alone. */
export const wallRule: Rule = {
  id: 'wall',
  title: 'Thickness of the wall',
  judge: ({ system, subject: { wall }, ledger }) => {
    const { wall: range, sizeWhy } = system;
    if (!range || !wall) return undefined;
    const [min, max] = [range.min && ledger.sourced(range.min), range.max && ledger.sourced(range.max)];
    const rule = { rule: wallRule.id, title: wallRule.title };
    if (min && !atLeast(wall.value, min.value))
      return {
        ...rule,
        grade: 'care',
        source: 'practice',
        excess: 1 - wall.value / min.value,
        reason: () => say`the wall is ${wall} thick, less than ${min}: ${sizeWhy.thin ?? 'it is worth it in a thicker one'}`,
      };
    if (max && !atMost(wall.value, max.value))
      return {
        ...rule,
        grade: 'care',
        source: 'practice',
        excess: wall.value / max.value - 1,
        reason: () => say`the wall is ${wall} thick, more than ${max}: ${sizeWhy.deep ?? 'it may not come through'}`,
      };
    return { ...rule, grade: 'fits', source: 'practice', excess: 0, reason: () => say`The wall is ${wall} thick.` };
  },
};
