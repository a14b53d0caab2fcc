import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Sawing the edge of the patch square. */
export function sawSquare(edge: Figure, around: Figure, passes: Figure, minutes: Figure): Made {
  return {
    id: 'saw',
    builder: 'saw-square',
    kind: 'work',
    title: say`Saw the outline square, ${edge} deep`,
    detail: say`${around} in all, the blade going round ${passes.value === 1 ? 'once' : say`${passes} times or less`}; right angles, no cut past a corner; shallower where a bar lies higher`,
    look: say`The blade leaves a clean upright edge all round, no feather left.`,
    done: 'Sawn square',
    tools: ['saw with water or shroud and vacuum', 'straightedge'],
    minutes,
  };
}
