import { say } from '../../quantity/saying.ts';
import { liftingOrEngineer, type StopRule } from '../stop.ts';

/** Ground that has settled. */
export const settled: StopRule = {
  id: 'settled',
  judge: ({ choice }) =>
    choice('ground') === 'settled'
      ? {
          title: 'Ground has settled',
          who: liftingOrEngineer,
          why: say`The ground has settled: a repair opens again.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
