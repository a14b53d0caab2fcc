import { say } from '../../quantity/saying.ts';
import { engineer, type StopRule } from '../stop.ts';

/** A member under prestress is not touched. */
export const prestress: StopRule = {
  id: 'prestress',
  judge: ({ choice }) =>
    choice('reinforcement') === 'prestressed'
      ? {
          title: 'Prestressed member',
          who: engineer,
          why: say`Any crack in a prestressed member is for the engineer: no chase, no drilling. Measure and photograph only.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
