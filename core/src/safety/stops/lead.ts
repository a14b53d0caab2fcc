import { cutAreas } from '../../mixing/mortarBatch.ts';
import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import type { Sourced } from '../../quantity/ledger.ts';
import { rates as usualRates } from '../../shelf/rates.ts';
import { of } from '../../shelf/sourced.ts';
import type { StopMatter, StopRule } from '../stop.ts';

/** The year before which a house may be painted with lead: that of the firm's country, else that of the USA. */
export const leadYear = ({ rates = usualRates }: Pick<StopMatter, 'rates'>): Sourced => rates.leadYear;
const inRoom = of(557_418, 'area', 'epa-745', 'Painted area that may be disturbed in a room (USA)');
const outside = of(1_858_061, 'area', 'epa-745', 'Painted area that may be disturbed outside (USA)');

const within = of(43_200, 'duration', 'epa-745', 'Time over which disturbed areas of a room add up (USA)');

/** What was on it before, where that may be old paint. */
const paintedBefore: readonly string[] = ['paint', 'patch', 'unknown', 'coating', 'limewash', 'sealer'];

/** Whether a repair lies in old paint: a tub, and what never had paint on it, does not. */
export function inPaint({ surface, choice }: Pick<StopMatter, 'surface' | 'choice'>): boolean {
  return surface !== 'tub' && paintedBefore.includes(choice('before') ?? '');
}

/** Whether paint here is taken to hold lead: found in it, or from before the year and not tested free of it. */
export function leadPresumed(matter: Pick<StopMatter, 'surface' | 'choice' | 'measure' | 'rates'>): boolean {
  const [year, test] = [matter.measure('yearBuilt'), matter.choice('leadTest')];
  return inPaint(matter) && test !== 'free' && (test === 'found' || (year !== undefined && year.value < leadYear(matter).value));
}

/** Old paint over more than the rule lets be disturbed, by all repairs of the room together. */
export const lead: StopRule = {
  id: 'lead',
  judge: (matter) => {
    const { ledger, choice, measure, measured, beside } = matter;
    const own = measured('area') ?? measured('hollow');
    if (!leadPresumed(matter) || !own) return undefined;
    const others = beside?.() ?? [];
    const area = others.length === 0 ? own : ledger.compute(cutAreas, { areaMm2: [own, ...others] }, 'Old paint disturbed in all repairs of the room');
    const limit = ledger.sourced(choice('place') === 'outside' || choice('place') === 'outside-salt' ? outside : inRoom);
    if (atMost(area.value, limit.value)) return undefined;
    const year = measure('yearBuilt');
    const known = choice('leadTest') === 'found' || !year ? say`The paint holds lead` : say`Built in ${year}, not tested: paint is taken to hold lead`;
    return {
      title: 'Paint that may hold lead',
      who: 'a certified renovator, or the local rule',
      why: say`${known}, and ${area} of it is disturbed${others.length === 0 ? '' : ' by all repairs of the room together'}; the rule (USA) begins above ${limit}, with what else is done there within ${ledger.sourced(within)}. As recalled, check the current text.`,
      source: 'epa-745',
      liftedBy: 'decision',
    };
  },
};
