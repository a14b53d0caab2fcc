import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Cleaning bars to bright metal. */
export function cleanBars(minutes: Figure): Made {
  return {
    id: 'bright',
    builder: 'clean-bars',
    kind: 'work',
    title: say`Clean the bars to bright metal`,
    detail: say`wire wheel or blast, the back of them too; measure what is left: more than a quarter of the section gone goes to the engineer`,
    look: say`Bright gray all round, no brown in the pits.`,
    done: 'Bars bright',
    plain: 'bright is judged by eye; the section is measured in the walk',
    tools: ['wire wheel', 'mirror', 'calipers'],
    minutes,
  };
}
