import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

/** Whether a hump of this height is hidden. */
export const standsUpRule: Rule = {
  id: 'stands-up',
  title: 'Height of the hump',
  judge: (matter) => {
    const { hides } = matter.system;
    const { standsUp } = matter.subject;
    if (!hides || !standsUp) return undefined;
    return fromRange(matter, standsUpRule, standsUp, hides, {
      below: (value, min) => say`it stands up ${value}, less than ${min}`,
      above: (value, max) => say`it stands up ${value}, it hides ${max}: ${matter.system.sizeWhy.high ?? 'what stands behind it is put right first'}`,
      within: (value) => say`It stands up ${value}.`,
      facts: (limit) => ({ defect: { heightMm: limit.value } }),
    });
  },
};
