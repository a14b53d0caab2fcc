import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Breaking out to sound concrete. */
export function breakOut(depth: Figure, volume: Figure, minutes: Figure): Made {
  return {
    id: 'break',
    builder: 'break-out',
    kind: 'work',
    title: say`Break out to sound, about ${depth} deep`,
    detail: say`${volume} of it, from the middle to the cut, chisel leaning inward; a light hammer near the edge`,
    look: say`Rings hard all over when tapped; no loose stone, no smooth face.`,
    done: 'Broken out, rings hard',
    tools: ['light chipping hammer', 'chisel', 'hammer to sound with'],
    minutes,
  };
}
