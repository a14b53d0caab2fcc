import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Curing under cover. */
export function keepDamp(days: Figure, keptWet: Figure, minutes: Figure): Made {
  return {
    id: 'damp',
    builder: 'keep-damp',
    kind: 'work',
    title: say`Cover it, and keep it damp for ${days}`,
    detail: say`damp cloth and sheet, edges weighed down; out of sun and wind; how often by mist alone is among the figures: Keeping a fresh face damp`,
    look: say`Dark and damp whenever it is lifted; no pale edge.`,
    done: 'Covered and damp',
    soon: true,
    keptWet,
    tools: ['damp cloth', 'sheet'],
    minutes,
  };
}
