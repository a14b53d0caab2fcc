import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import { engineer, type StopRule } from '../stop.ts';

/** Bars that have lost section. */
const oneBar = of(25, 'percent', 'icri-310-1r', 'Loss of one bar that goes to the engineer');
const moreBars = of(20, 'percent', 'icri-310-1r', 'Loss of two bars or more that goes to the engineer');

export const barLoss: StopRule = {
  id: 'bar-loss',
  judge: ({ ledger, measure, measured }) => {
    const [loss, bars] = [measured('loss'), measure('bars')];
    if (!loss || !bars) return undefined;
    const limit = ledger.sourced(bars.value >= 2 ? moreBars : oneBar);
    if (atMost(loss.value, limit.value)) return undefined;
    return {
      title: 'Bars have lost section',
      who: engineer,
      why: say`${loss} of the section of a bar is gone; above ${limit} it is for the engineer.`,
      source: 'icri-310-1r',
      liftedBy: 'decision',
    };
  },
};
