import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** Cleaning the groove twice, and checking that it is dry. */
export function vacuumGroove(minutes: Figure, moisture: Figure, dewMargin: Figure): Made {
  return {
    id: 'vacuum',
    builder: 'vacuum-groove',
    kind: 'work',
    title: say`Vacuum, brush, vacuum again`,
    detail: say`dry through, meter under ${moisture}; the slab stands ${dewMargin} above the dew point`,
    look: say`No dust on a finger, no shine when wiped, no dark edge.`,
    tools: ['vacuum with crevice nozzle', 'stiff brush', 'moisture meter'],
    minutes,
  };
}
