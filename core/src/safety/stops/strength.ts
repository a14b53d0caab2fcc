import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** Strength that is to be restored. */
export const strength: StopRule = {
  id: 'strength',
  judge: ({ choice }) =>
    choice('claim') === 'restore-strength'
      ? {
          title: 'Strength asked for',
          who: engineer,
          why: say`A repair that is to restore strength is designed by the engineer.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
