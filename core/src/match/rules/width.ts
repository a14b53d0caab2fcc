import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const widthRule: Rule = {
  id: 'width',
  title: 'Width',
  judge: (matter) => {
    const { size, system } = matter;
    if (!size.width) return undefined;
    const why = system.sizeWhy;
    const uncut = size.refusedBecause ? say` (${size.refusedBecause})` : [];
    return fromRange(matter, widthRule, size.width, system.width, {
      below: (_value, min) => say`${size.assumed}${uncut}; it needs ${min} of width: ${why.narrow ?? 'too narrow'}`,
      above: (_value, max) => say`${size.assumed}${uncut}; it holds up to ${max}: ${why.wide ?? 'too wide'}`,
      within: () => say`Width suits it: ${size.assumed}${uncut}.`,
      ...(system.preparation === 'chase' && {
        changeBelow: (min) => (size.refusedBecause ? say`locate what is in the slab, then chase` : say`chase ${min} wide`),
      }),
    });
  },
};
