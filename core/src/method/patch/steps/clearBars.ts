import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Clearing behind a bar that is bare or rusted. */
export function clearBars(behind: Figure, minutes: Figure): Made {
  return {
    id: 'bars',
    builder: 'clear-bars',
    kind: 'work',
    title: say`Clear ${behind} behind the bars`,
    detail: say`all round, and along them until the steel is clean; tie what is loose; no bar is cut`,
    look: say`A finger passes behind every bar; no bar rattles.`,
    done: 'Bars free all round',
    tools: ['light chipping hammer', 'gauge block'],
    minutes,
  };
}
