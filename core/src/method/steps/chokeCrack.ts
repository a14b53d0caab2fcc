import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** Dry sand into the open crack below the groove, so that the resin stays where it is wanted. */
export function chokeCrack(depth: Figure, sand: Figure, minutes: Figure): Made {
  return {
    id: 'choke',
    builder: 'choke-crack',
    kind: 'work',
    title: say`Choke the crack below with ${sand} dry sand`,
    detail: say`about ${depth} of it, so that the resin does not drain away`,
    look: say`Sand stands level with the bottom of the groove all along.`,
    done: 'Sand level',
    tools: ['sand in a shaker', 'brush'],
    minutes,
  };
}
