import { atLeast } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import { engineer, type StopRule } from '../stop.ts';

const times = of(2, 'ratio', 'judgement', 'One end of a crack in a wall as many times as wide as the other');
/** Narrower than this is a hairline at either end, and its ratio tells nothing. */
const from = of(1, 'crackWidth', 'judgement', 'Wider end from which a taper is looked at');

/** A crack in a wall that is much wider at one end than at the other: the wall turns. */
export const tapers: StopRule = {
  id: 'tapers',
  judge: ({ kind, ledger, choice, widths = [] }) => {
    const [first, last] = [widths[0], widths[widths.length - 1]];
    if (kind !== 'wall-crack' || !first || !last || !['wall', 'wall-below'].includes(choice('member') ?? '')) return undefined;
    const [wide, narrow] = first.value >= last.value ? [first, last] : [last, first];
    if (!atLeast(wide.value, from.value) || !atLeast(wide.value, narrow.value * times.value)) return undefined;
    return {
      title: 'It tapers',
      who: engineer,
      why: say`${wide} at one end and ${narrow} at the other: a crack in a wall that is ${ledger.sourced(times)} times as wide at one end, or more, tells of a wall that turns.`,
      source: 'judgement',
      liftedBy: 'decision',
    };
  },
};
