import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** A crack that grows. */
export const grows: StopRule = {
  id: 'grows',
  judge: ({ choice }) =>
    choice('ground') === 'grows'
      ? {
          title: 'It grows',
          who: engineer,
          why: say`The crack is still growing: its cause is at work.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
