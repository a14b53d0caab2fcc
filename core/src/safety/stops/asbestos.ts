import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import type { StopRule } from '../stop.ts';

/** Mineral surfaces of years in which they may hold asbestos. */
const lastYear = of(1980, 'count', 'practice', 'Last year in which compound and plaster may hold asbestos');

export const asbestos: StopRule = {
  id: 'asbestos',
  judge: ({ surface, measure }) => {
    const year = measure('yearBuilt');
    if (!year || (surface !== 'plaster' && surface !== 'drywall') || !atMost(year.value, lastYear.value)) return undefined;
    return {
      title: 'May hold asbestos',
      who: 'a licensed survey',
      why: say`Built in ${year}: joint compound, texture and plaster may hold asbestos. Nothing is sanded or cut before it is surveyed.`,
      source: 'practice',
      liftedBy: 'decision',
    };
  },
};
