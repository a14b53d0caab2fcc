import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const depthRule: Rule = {
  id: 'depth',
  title: 'Depth',
  judge: (matter) => {
    const { size, system } = matter;
    if (size.preparation === 'as-found' && system.preparation !== 'as-found') return undefined;
    return fromRange(matter, depthRule, size.depth, system.depth, {
      below: (value, min) => say`${value} deep, it needs ${min}: ${system.sizeWhy.thin ?? 'too thin'}`,
      above: (value, max) => say`${value} deep, it takes up to ${max}: ${system.sizeWhy.deep ?? 'too deep'}`,
      within: (value) => say`${value} deep, ${size.assumed}.`,
      changeBelow: (min) => say`chase ${min} deep`,
    });
  },
};
