import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** A board at a broken edge, and pins where it stands out. */
export function edgeForm(high: Figure, long: Figure, out: Figure | undefined, minutes: Figure): Made {
  return {
    id: 'form',
    builder: 'edge-form',
    kind: 'work',
    title: say`Set a board at the edge, ${long} long, ${high} high`,
    detail: say`wiped with release, braced so that it does not give under the trowel, its top in line with the old edge${out ? say`; the new edge stands ${out} out: pins glued in first, as the sheet or the engineer says` : ''}`,
    look: say`A straightedge runs from the old edge over the board without a step.`,
    done: 'Board stands',
    tools: ['board', 'braces', 'release wipe'],
    minutes,
  };
}
