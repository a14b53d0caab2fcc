import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** A crack that climbs in steps along the joints of masonry. */
export const stairStepped: StopRule = {
  id: 'stair-stepped',
  judge: ({ kind, choice }) =>
    kind === 'wall-crack' && choice('course') === 'stepped'
      ? {
          title: 'It climbs in steps',
          who: engineer,
          why: say`A crack that climbs in steps along the joints tells of ground that gives on one side, whatever its width.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
