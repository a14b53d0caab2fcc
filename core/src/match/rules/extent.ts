import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const extentRule: Rule = {
  id: 'extent',
  title: 'Extent',
  judge: (matter) => {
    const { extent } = matter.size;
    const { extent: range, sizeWhy } = matter.system;
    if (!range || !extent) return undefined;
    return fromRange(matter, extentRule, extent, range, {
      below: (value, min) => say`${value} across, it begins at ${min}: ${sizeWhy.small ?? 'a smaller way does'}`,
      above: (value, max) => say`${value} across, it closes up to ${max}: ${sizeWhy.large ?? 'it does not carry further'}`,
      within: (value) => say`${value} across.`,
    });
  },
};
