import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Made } from '../step.ts';

/** Abrading the face of a lift that has cured, so that the next one grips. */
export function abradeLift(lift: number, minutes: Figure, n: number, of: number): Made {
  return {
    id: `abrade-${String(lift)}-${String(n)}`,
    builder: 'abrade-lift',
    kind: 'work',
    lift,
    section: { n, of },
    title: say`Abrade lift ${String(lift)}`,
    detail: say`coarse, along and across, then vacuum and wipe; the next lift goes on right after${of === 1 ? '' : `, section ${String(n)} of ${String(of)}`}`,
    look: say`Dull all over, no gloss left in the corners, no dust on a white cloth.`,
    done: 'Dull all over',
    tools: ['coarse abrasive on a stick', 'vacuum'],
    minutes,
  };
}
