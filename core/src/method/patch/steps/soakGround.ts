import type { Figure } from '../../../quantity/figure.ts';
import { say } from '../../../quantity/saying.ts';
import type { Made } from '../../step.ts';

/** Wetting the ground through. */
export function soakGround(soak: Figure, minutes: Figure): Made {
  return {
    id: 'soak',
    builder: 'soak-ground',
    straightOn: true,
    kind: 'wait',
    title: say`Keep the ground wet, ${soak}`,
    detail: say`wet cloth or mist, again and again; then let it turn dull before the scrub coat, with no water standing`,
    look: say`Dark and dull: a dry hand comes away damp, not wet.`,
    done: 'Dark and dull',
    tools: ['wet cloths', 'mister'],
    minutes,
  };
}
