import { say } from '../../quantity/saying.ts';
import type { StopRule } from '../stop.ts';

/** Gel out of map cracks: stones that swell in the concrete. */
export const swelling: StopRule = {
  id: 'swelling',
  judge: ({ choice }) =>
    choice('deposit') === 'gel'
      ? {
          title: 'Gel comes out of it',
          who: 'a laboratory that looks at a core, then a licensed structural engineer',
          why: say`Gel out of a net of cracks is a sign of stones that swell in the concrete: it goes on as long as it is wet, and what is filled cracks beside.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
