import { say } from '../../quantity/saying.ts';
import { trades, type StopRule } from '../stop.ts';

/** Services that may run behind. */
export const services: StopRule = {
  id: 'located',
  judge: ({ choice }) =>
    choice('services') === 'may'
      ? {
          title: 'Not located yet',
          who: trades,
          why: say`Cables, gas, water or heating pipes may run behind. Depth of cut is nothing before they are located.`,
          source: 'judgement',
          liftedBy: 'fact',
        }
      : undefined,
};
