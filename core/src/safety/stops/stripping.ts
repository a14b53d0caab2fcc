import { say } from '../../quantity/saying.ts';
import type { StopRule } from '../stop.ts';

/** An old coating on a tub. */
export const stripping: StopRule = {
  id: 'stripping',
  judge: ({ surface, choice }) =>
    surface === 'tub' && choice('coated') === 'yes'
      ? {
          title: 'An old coating',
          who: 'a competent person, with a plan for the air',
          why: say`Stripping it with methylene chloride has killed in bathrooms, and etches with fluoride burn to the bone: neither is used. Scrape or sand it wet and contained.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
