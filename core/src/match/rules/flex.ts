import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const flexRule: Rule = {
  id: 'flex',
  title: 'Gives underfoot',
  judge: (matter) => {
    const { flex: range } = matter.system;
    const { flex } = matter.subject;
    if (!range || !flex) return undefined;
    return fromRange(matter, flexRule, flex, range, {
      below: (value, min) => say`it gives ${value} when pressed, less than ${min}: it needs no support`,
      above: (value, max) => say`it gives ${value} when pressed, more than ${max}: the repair cracks again`,
      within: (value) => say`It gives ${value} when pressed.`,
      facts: (limit) => ({ defect: { flexMm: limit.value } }),
      changeAbove: () => say`support the shell from behind first`,
    });
  },
};
