import { say } from '../../quantity/saying.ts';
import { liftingOrEngineer, type StopRule } from '../stop.ts';

/** A slab that rocks. */
export const rocks: StopRule = {
  id: 'rocks',
  judge: ({ choice }) =>
    choice('ground') === 'rocks'
      ? {
          title: 'It rocks',
          who: liftingOrEngineer,
          why: say`The slab rocks underfoot: what carries it has gone.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
