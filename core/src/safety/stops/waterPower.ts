import { say } from '../../quantity/saying.ts';
import { trades, type StopRule } from '../stop.ts';

/** Running water beside services. */
export const waterPower: StopRule = {
  id: 'water-power',
  judge: ({ choice }) =>
    choice('moisture') === 'running' && choice('services') === 'found'
      ? {
          title: 'Water near electricity',
          who: trades,
          why: say`Water runs where services were found. They are isolated first.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
