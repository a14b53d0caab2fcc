import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const widthRule: Rule = {
  id: 'width',
  title: 'Width',
  judge: (matter) => {
    const { size, system } = matter;
    const why = system.sizeWhy;
    const uncut = size.refusedBecause ? say` (${size.refusedBecause})` : [];
    return fromRange(matter, widthRule, size.width, system.width, {
      below: (value, min) => say`${value} wide ${size.assumed}${uncut}, it needs ${min}: ${why.narrow ?? 'too narrow'}`,
      above: (value, max) => say`${value} wide ${size.assumed}${uncut}, it holds up to ${max}: ${why.wide ?? 'too wide'}`,
      within: (value) => say`${value} wide, ${size.assumed}${uncut}.`,
      ...(system.preparation === 'chase' && { changeBelow: (min) => (size.refusedBecause ? say`locate what is in the slab, then chase` : say`chase ${min} wide`) }),
    });
  },
};
