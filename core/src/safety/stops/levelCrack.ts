import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** A level crack in a wall. */
export const levelCrack: StopRule = {
  id: 'level-crack',
  judge: ({ kind, choice }) =>
    kind === 'wall-crack' && choice('course') === 'level' && ['wall', 'wall-below'].includes(choice('member') ?? '')
      ? {
          title: 'Level crack',
          who: engineer,
          why: say`A level crack in a wall is a sign of bending, whatever its width.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
