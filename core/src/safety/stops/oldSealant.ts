import { atLeast, atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import type { StopRule } from '../stop.ts';
import { manyUse } from './asbestos.ts';

const first = of(1950, 'count', 'practice', 'First year of sealants that may hold PCB');
const last = of(1979, 'count', 'practice', 'Last year of sealants that may hold PCB');

/** Soft sealant of the years in which public buildings were sealed with PCB in it. */
export const oldSealant: StopRule = {
  id: 'old-sealant',
  judge: (matter) => {
    const year = matter.measure('yearBuilt');
    if (!year || !manyUse(matter) || !['soft', 'unknown'].includes(matter.choice('filler') ?? '')) return undefined;
    if (!atLeast(year.value, first.value) || !atMost(year.value, last.value)) return undefined;
    return {
      title: 'Old sealant',
      who: 'a licensed survey',
      why: say`Built in ${year}: soft sealants of those years in public and larger buildings may hold PCB, which soaks into the concrete beside them. It is tested before it is cut out or ground.`,
      source: 'practice',
      liftedBy: 'decision',
    };
  },
};
