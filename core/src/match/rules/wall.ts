import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

/** Which way through a wall: from its face as far as ports reach, through drilled holes where it is thicker. Never ruled out by that alone. */
export const wallRule: Rule = {
  id: 'wall',
  title: 'Thickness of the wall',
  judge: (matter) => {
    const { wall: range, sizeWhy } = matter.system;
    const { wall } = matter.subject;
    if (!range || !wall) return undefined;
    const verdict = fromRange(matter, wallRule, wall, range, {
      below: (value, min) => say`the wall is ${value} thick, less than ${min}: ${sizeWhy.thin ?? 'it is worth it in a thicker one'}`,
      above: (value, max) => say`the wall is ${value} thick, more than ${max}: ${sizeWhy.deep ?? 'it may not come through'}`,
      within: (value) => say`The wall is ${value} thick.`,
    });
    return verdict?.grade === 'out' ? { ...verdict, grade: 'care' } : verdict;
  },
};
