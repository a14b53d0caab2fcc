import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const ageRule: Rule = {
  id: 'age',
  title: 'Age of the slab',
  judge: (matter) => {
    const { leastAge } = matter.system;
    const { age } = matter.subject;
    if (!leastAge || !age) return undefined;
    return fromRange(
      matter,
      ageRule,
      age,
      { min: leastAge },
      {
        below: (value, min) => say`the slab is ${value} old, it needs ${min}: it still dries and shrinks`,
        above: (value) => say`the slab is ${value} old`,
        within: (value) => say`The slab is ${value} old.`,
        facts: (limit) => ({ defect: { slabAgeDays: limit.value } }),
        changeBelow: (min) => say`wait until the slab is ${min} old`,
      },
    );
  },
};
