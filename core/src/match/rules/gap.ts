import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const gapRule: Rule = {
  id: 'gap',
  title: 'Opening of the joint',
  judge: (matter) => {
    const { gap: range, sizeWhy } = matter.system;
    const { gap } = matter.subject;
    if (!range || !gap) return undefined;
    return fromRange(matter, gapRule, gap, range, {
      below: (value, min) => say`the joint is ${value} open, it needs ${min}: ${sizeWhy.narrow ?? 'too narrow'}`,
      above: (value, max) => say`the joint is ${value} open, it fills up to ${max}: ${sizeWhy.wide ?? 'too wide'}`,
      within: (value) => say`The joint is ${value} open.`,
    });
  },
};
