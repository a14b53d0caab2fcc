import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Breaking out to sound concrete; where it is as deep as was found, only what is loose comes off. */
export function breakOut(depth: Figure, volume: Figure, minutes: Figure, bars = false): Made {
  const more = volume.value >= 1;
  return {
    id: 'break',
    builder: 'break-out',
    kind: 'work',
    title: more ? say`Break out to sound, about ${depth} deep` : say`Chip off what is loose, ${depth} deep as it is`,
    detail: say`${more ? say`${volume} of it` : 'no deeper than was found, the edge upright'}, from the middle to the cut, chisel leaning inward; a light hammer near the edge${bars ? '; this deep where it is hollow, and on along each bar a hand past its rust; beside them no deeper than the cut' : ''}`,
    look: say`Rings hard all over when tapped; no loose stone, no smooth face.`,
    done: 'Broken out, rings hard',
    tools: ['light chipping hammer', 'chisel', 'hammer to sound with'],
    minutes,
  };
}
