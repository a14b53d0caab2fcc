import { warmestNeeded } from '../../climate/humidAir.ts';
import { say } from '../../quantity/saying.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const dewMarginRule: Rule = {
  id: 'dew-margin',
  title: 'Dew point',
  judge: (matter) => {
    const { dewMargin, slabC } = matter.system;
    if (!dewMargin) return undefined;
    const { ledger, subject } = matter;
    return fromRange(matter, dewMarginRule, subject.dewMargin, { min: dewMargin }, {
      below: (value, min) => say`the slab stands ${value} above the dew point, it needs ${min}: moisture settles where nobody sees it`,
      above: (value) => say`${value} above the dew point`,
      within: (value) => say`The slab stands ${value} above the dew point.`,
      changeBelow: (min) => {
        const least = slabC.min ? ledger.sourced(slabC.min) : subject.slabC;
        return say`slab at ${ledger.compute(warmestNeeded, { leastC: least, dewPointC: subject.dewPoint, marginK: min })} with this air; check again after heating`;
      },
    });
  },
};
