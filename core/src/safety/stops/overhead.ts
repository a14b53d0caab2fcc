import { say } from '../../quantity/saying.ts';
import type { StopRule } from '../stop.ts';

/** Breaking out above people. */
export const overhead: StopRule = {
  id: 'overhead',
  judge: ({ surface, choice }) =>
    choice('occupied') === 'inside' && choice('position') === 'overhead' && (surface === 'plaster' || surface === 'concrete')
      ? {
          title: 'Breaking out above people',
          who: 'the foreman: an exclusion zone and an access plan',
          why: say`People are in the room below.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
