import { atLeast } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import { engineer, type StopRule } from '../stop.ts';

/** A wall that bows. */
const from = of(25, 'depth', 'practice', 'Bow that goes to the engineer');

export const bowed: StopRule = {
  id: 'bowed',
  judge: ({ kind, ledger, measure }) => {
    const bow = kind === 'wall-crack' ? measure('bowMm') : undefined;
    if (!bow || !atLeast(bow.value, from.value)) return undefined;
    return {
      title: 'Wall bowed',
      who: engineer,
      why: say`The wall bows ${bow}; from ${ledger.sourced(from)} on it is for the engineer.`,
      source: 'practice',
      liftedBy: 'decision',
    };
  },
};
