import { warmestNeeded } from '../../climate/humidAir.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { groundWord } from '../groundWord.ts';
import { fromRange } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const dewMarginRule: Rule = {
  id: 'dew-margin',
  title: 'Dew point',
  judge: (matter) => {
    const { dewMargin, slabC } = matter.system;
    if (!dewMargin) return undefined;
    const { ledger, subject } = matter;
    const what = groundWord(subject);
    const needed = (marginK: Figure) =>
      ledger.compute(warmestNeeded, { leastC: slabC.min ? ledger.sourced(slabC.min) : subject.slabC, dewPointC: subject.dewPoint, marginK });
    return fromRange(
      matter,
      dewMarginRule,
      subject.dewMargin,
      { min: dewMargin },
      {
        below: (value, min) => say`the ${what} stands ${value} above the dew point, it needs ${min}: moisture settles where nobody sees it`,
        above: (value) => say`${value} above the dew point`,
        within: (value) => say`The ${what} stands ${value} above the dew point.`,
        changeBelow: (min) => say`${what} at ${needed(min)} with this air; check again after heating`,
        facts: (min) => ({ area: { slabC: needed(min).value } }),
      },
    );
  },
};
