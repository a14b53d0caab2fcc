import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** A slab that rocks. */
export const rocks: StopRule = {
  id: 'rocks',
  judge: ({ choice }) =>
    choice('ground') === 'rocks'
      ? {
          title: 'It rocks',
          who: engineer,
          why: say`The slab rocks underfoot: what carries it has gone.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
