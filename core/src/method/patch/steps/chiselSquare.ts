import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** The edge of a patch by chisel, where a bar lies too high for a saw. @param cover of the bar */
export function chiselSquare(edge: Figure, around: Figure, cover: Figure, minutes: Figure): Made {
  return {
    id: 'saw',
    builder: 'chisel-square',
    kind: 'work',
    title: say`Cut the outline square by chisel, ${edge} deep`,
    detail: say`${around} in all, marked first; a bar lies ${cover} down, too high for a blade; along the line with a flat chisel, light blows, upright; between the bars and down beside them`,
    look: say`An upright edge all round, no feather left; no bar is nicked.`,
    done: 'Edge cut',
    tools: ['light chipping hammer', 'chisel', 'straightedge', 'hammer to sound with'],
    minutes,
  };
}
