import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

/** Below its least temperature a system does not slow down, it stops: there is no stretched time. */
export const temperatureRule: Rule = {
  id: 'temperature',
  title: 'Temperature',
  judge: (matter) =>
    fromRange(matter, temperatureRule, matter.subject.slabC, matter.system.slabC, {
      below: (value, min) => say`the slab is ${value}, it stays soft below ${min}`,
      above: (value, max) => say`the slab is ${value}, it sets too fast above ${max}`,
      within: (value) => say`The slab is ${value}, inside its window.`,
      facts: (limit) => ({ area: { slabC: limit.value } }),
      changeBelow: (min) => say`warm the slab itself to ${min}, with no unvented burner`,
      changeAbove: (max) => say`shade the slab, or work when it is under ${max}`,
    }),
};
