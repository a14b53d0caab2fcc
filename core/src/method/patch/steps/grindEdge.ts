import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Grinding the edge back where the patch runs out onto the old face. */
export function grindEdge(edge: Figure, around: Figure, minutes: Figure): Made {
  return {
    id: 'saw',
    builder: 'grind-edge',
    kind: 'work',
    title: say`Grind the edge back to sound, no thinner than ${edge}`,
    detail: say`${around} in all, sloping inward; thinner than this the mortar dries out, curls and comes off`,
    look: say`A coin on its edge shows a step all round; nothing runs out to nothing.`,
    done: 'Edge ground',
    tools: ['cup grinder with shroud and vacuum', 'straightedge'],
    minutes,
  };
}
