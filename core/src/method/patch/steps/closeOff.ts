import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Keeping a road off a curb, and getting at it. */
export function closeOff(long: Figure, minutes: Figure): Made {
  return {
    id: 'close-off',
    builder: 'close-off',
    kind: 'work',
    title: say`Close it off along the curb, ${long}`,
    detail: say`cars moved, cones and signs at both ends as whoever keeps the road says, and left there overnight until it is ready; earth and grass cut away behind, a spade wide`,
    look: say`Nobody can park or drive over it; the back of the curb is bare.`,
    done: 'Closed off',
    tools: ['cones and signs', 'spade'],
    minutes,
  };
}
