import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** A crack along a bar. */
export const alongBar: StopRule = {
  id: 'along-bar',
  judge: ({ choice }) =>
    choice('alongBar') === 'yes'
      ? {
          title: 'Along a bar',
          who: engineer,
          why: say`A crack that follows a bar, or shows rust, is a sign of corrosion even where it sounds solid. It is never sealed as cosmetic.`,
          source: 'icri-310-1r',
          liftedBy: 'decision',
        }
      : undefined,
};
