import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Sawing the edge of the patch square. @param bar its cover, where the saw stays shallower for it */
export function sawSquare(edge: Figure, around: Figure, passes: Figure, minutes: Figure, bar?: { readonly cover: Figure; readonly edge: Figure }): Made {
  return {
    id: 'saw',
    builder: 'saw-square',
    kind: 'work',
    title: say`Saw the outline square, ${edge} deep`,
    detail: say`${around} in all, the blade going round ${passes.value === 1 ? 'once' : say`${passes} times or less`}; right angles, no cut past a corner; ${bar ? say`no deeper, for a bar lies ${bar.cover} down: the rest of the edge, to ${bar.edge}, upright by chisel` : say`shallower where a bar lies higher`}`,
    look: say`The blade leaves a clean upright edge all round, no feather left.`,
    done: 'Sawn square',
    tools: ['saw with water or shroud and vacuum', 'straightedge', ...(bar ? ['light chipping hammer', 'chisel'] : [])],
    minutes,
  };
}
