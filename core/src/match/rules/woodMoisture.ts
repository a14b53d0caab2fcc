import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const woodMoistureRule: Rule = {
  id: 'wood-moisture',
  title: 'Moisture of the wood',
  judge: (matter) => {
    const { woodMoisture: range } = matter.system;
    const { woodMoisture } = matter.subject;
    if (!range || !woodMoisture) return undefined;
    return fromRange(matter, woodMoistureRule, woodMoisture, range, {
      below: (value, min) => say`the wood is at ${value}, it wants ${min}`,
      above: (value, max) => say`the wood is at ${value}, it takes up to ${max}: wet wood does not hold it`,
      within: (value) => say`The wood is at ${value}.`,
      facts: (limit) => ({ defect: { moisturePct: limit.value } }),
      changeAbove: (max) => say`stop the water, then dry it to ${max} by meter, whatever the date`,
    });
  },
};
