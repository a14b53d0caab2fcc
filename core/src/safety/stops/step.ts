import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import { engineer, type StopRule } from '../stop.ts';

/** One side of a crack stands higher. */
export const stepMost = of(25, 'depth', 'judgement', 'Step that goes to the engineer');

export const step: StopRule = {
  id: 'step',
  judge: ({ ledger, choice, measure }) => {
    const height = choice('faces') === 'stepped' ? measure('stepMm') : undefined;
    if (!height || atMost(height.value, stepMost.value)) return undefined;
    return {
      title: 'One side stands higher',
      who: engineer,
      why: say`One side stands ${height} higher; more than ${ledger.sourced(stepMost)} is for the engineer.`,
      source: 'judgement',
      liftedBy: 'decision',
    };
  },
};
