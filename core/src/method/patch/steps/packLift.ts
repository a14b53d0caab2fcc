import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** One lift of mortar. */
export function packLift(
  lift: number,
  lifts: Figure,
  thickness: Figure,
  volume: Figure,
  last: boolean,
  minutes: Figure,
  { deepest, bars }: { readonly deepest: boolean; readonly bars: boolean },
): Made {
  return {
    id: `pack-${String(lift)}`,
    builder: 'pack-lift',
    kind: 'work',
    title: say`Lift ${String(lift)} of ${lifts}: ${volume}, ${deepest ? say`up to ${thickness}, the deepest places` : say`${thickness} thick`}`,
    detail: say`${last ? 'a little above the face, struck off with a straightedge from the middle to the edges' : `pressed in from the edges${bars ? ' and behind the bars' : ''} first, its face scratched rough`}`,
    look: say`${last ? 'Level with the face all round, no line at the edge.' : 'No hollow sound, no sag; the scratches stand.'}`,
    done: 'Packed',
    gives: ['closed'],
    tools: ['trowel', 'float', 'straightedge'],
    minutes,
    lift,
  };
}
