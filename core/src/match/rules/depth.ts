import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const depthRule: Rule = {
  id: 'depth',
  title: 'Depth',
  judge: (matter) => {
    const { size, system } = matter;
    if (size.preparation === 'as-found' && system.preparation !== 'as-found') return undefined;
    if (!size.depth) return undefined;
    const range = size.width ? system.depth : (system.total ?? system.depth);
    return fromRange(matter, depthRule, size.depth, range, {
      below: (value, min) => say`${value} deep, it needs ${min}: ${system.sizeWhy.thin ?? 'too thin'}`,
      above: (value, max) => say`${value} deep, it takes up to ${max}: ${system.sizeWhy.deep ?? 'too deep'}`,
      within: (value) => say`${value} deep, ${size.assumed}.`,
      ...(system.preparation === 'chase' && size.width && { changeBelow: (min: Figure) => say`chase ${min} deep` }),
    });
  },
};
