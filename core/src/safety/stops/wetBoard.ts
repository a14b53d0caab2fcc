import { say } from '../../quantity/saying.ts';
import type { StopRule } from '../stop.ts';

/** Gypsum behind tile in a wet place. */
export const wetBoard: StopRule = {
  id: 'wet-board',
  judge: ({ surface, choice }) =>
    surface === 'drywall' && choice('wetArea') === 'yes' && choice('before') === 'tile'
      ? {
          title: 'Gypsum behind tile',
          who: 'who answers for the waterproofing',
          why: say`Gypsum behind tile in a shower or tub surround is opened to dry, sound framing: a board that bears water, and waterproofing. No gypsum patch.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
