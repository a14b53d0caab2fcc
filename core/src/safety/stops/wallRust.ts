import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** Steel that rusts in a wall, soffit or beam, and cracks it. */
export const wallRust: StopRule = {
  id: 'wall-rust',
  judge: ({ kind, choice }) =>
    kind === 'wall-crack' && choice('cause') === 'rust'
      ? {
          title: 'Steel rusts in it',
          who: engineer,
          why: say`Steel that rusts has cracked it: how much is left of the bars is looked at, whatever the width. Filling the crack hides it.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
