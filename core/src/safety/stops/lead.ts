import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import type { StopRule } from '../stop.ts';

/** Old paint over more than the rule lets be disturbed. */
/** Before it a house may be painted with lead. */
export const leadYear = of(1978, 'count', 'epa-745', 'Year from which house paint was free of lead (USA)');
const inRoom = of(557_418, 'area', 'epa-745', 'Painted area that may be disturbed in a room (USA)');
const outside = of(1_858_061, 'area', 'epa-745', 'Painted area that may be disturbed outside (USA)');

/** What was on it before, where that may be old paint. */
export const paintedBefore: readonly string[] = ['paint', 'patch', 'unknown', 'coating', 'limewash', 'sealer'];

export const lead: StopRule = {
  id: 'lead',
  judge: ({ surface, ledger, choice, measure, measured }) => {
    const [year, area, before, place] = [measure('yearBuilt'), measured('area') ?? measured('hollow'), choice('before'), choice('place')];
    if (!year || !area || surface === 'tub' || year.value >= leadYear.value || before === undefined || !paintedBefore.includes(before)) return undefined;
    const limit = ledger.sourced(place === 'outside' || place === 'outside-salt' ? outside : inRoom);
    if (atMost(area.value, limit.value)) return undefined;
    return {
      title: 'Paint that may hold lead',
      who: 'a certified renovator, or the local rule',
      why: say`Built in ${year}: paint may hold lead, and ${area} of it is disturbed; the rule (USA) begins above ${limit}. As recalled, check the current text.`,
      source: 'epa-745',
      liftedBy: 'decision',
    };
  },
};
