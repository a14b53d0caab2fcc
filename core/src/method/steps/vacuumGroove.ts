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
    done: 'Clean and dry',
    limits: [
      { what: 'moisture', is: 'most', figure: moisture },
      { what: 'above the dew point', is: 'least', figure: dewMargin },
    ],
    tools: ['vacuum with crevice nozzle', 'stiff brush', 'moisture meter'],
    minutes,
  };
}
