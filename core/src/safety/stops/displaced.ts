import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** Faces of a crack in a wall that do not meet. */
export const displaced: StopRule = {
  id: 'displaced',
  judge: ({ kind, choice }) =>
    kind === 'wall-crack' && choice('faces') === 'displaced'
      ? {
          title: 'Faces displaced',
          who: engineer,
          why: say`One face stands out: the wall has shifted, not only cracked.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
