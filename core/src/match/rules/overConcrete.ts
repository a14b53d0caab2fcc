import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

/** How thick plaster may hang from smooth concrete overhead: less than its coats would make. */
export const overConcreteRule: Rule = {
  id: 'over-concrete',
  title: 'Overhead on concrete',
  judge: (matter) => {
    const { system, subject, size } = matter;
    if (!system.overConcrete || !size.depth || subject.answers.position?.value !== 'overhead' || subject.answers.base?.value !== 'concrete') return undefined;
    return fromRange(
      matter,
      overConcreteRule,
      size.depth,
      { max: system.overConcrete },
      {
        below: (value, min) => say`${value} thick, ${min}`,
        above: (value, max) => say`${value} thick overhead on smooth concrete, where it holds ${max} in all: it comes down`,
        within: (value) => say`${value} thick overhead on concrete.`,
        changeAbove: (max) => say`metal lath first, or no more than ${max}`,
        facts: () => ({ defect: { base: 'metal-lath' } }),
      },
    );
  },
};
