import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** Chasing the crack to a groove. */
export function chase(width: Figure, depth: Figure, length: Figure, passes: Figure, minutes: Figure, located: 'clear' | 'found'): Made {
  return {
    id: 'chase',
    builder: 'chase',
    kind: 'work',
    title: say`Chase ${width} wide, ${depth} deep`,
    detail: say`${length} along the crack, ${passes.value === 1 ? say`one pass` : say`${passes} passes`} of the wheel; ${located === 'clear' ? 'scan showed nothing near' : 'stay above what was found'}`,
    look: say`Both faces cut clean to the full depth, edges square; loose edges tapped off.`,
    done: 'Chased',
    tools: ['crack wheel on a grinder', 'shroud and vacuum'],
    minutes,
  };
}
