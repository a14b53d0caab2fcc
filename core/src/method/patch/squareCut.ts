import { cementWait } from '../../cure/reaction.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { Sourced } from '../../quantity/ledger.ts';
import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { soundAgain } from '../words/placing.ts';
import type { Course } from '../course.ts';
import type { GridFigures } from '../matter.ts';
import type { Lag } from '../step.ts';

/** What an edge is of: whoever works at it stands on a stair, at a road, or before a wall. */
export type EdgeOf = 'nosing' | 'slab' | 'curb' | 'corner';

/** A broken edge as it is formed again. */
export interface EdgeForm {
  readonly of: EdgeOf;
  readonly high: Figure;
  readonly long: Figure;
  /** how far it stands out over what is below, where that is more than mortar bears by itself */
  readonly out: Figure | undefined;
  /** rounded to it, no more than what is walked on may be */
  readonly radius: Figure | undefined;
}

/** A place that is cut square: what is inside the cut, and round it. */
export interface SquareCut {
  readonly area: Figure;
  readonly around: Figure;
  readonly depth: Figure;
  readonly volume: Figure;
  readonly broken: Figure;
  readonly widest: Figure;
  /** depths over the place on a grid, and the margin of the cut around it: lifts are then level, deepest places first */
  readonly uneven?: { readonly grid: GridFigures; readonly margin: Figure };
  /** over bars: of the volume what lies behind them, and what lies beside, no deeper than the edge and filled with the last lift */
  readonly parts?: { readonly deep: Figure; readonly beside: Figure };
  /** bars that are bare: how thick, and how far behind them is cleared */
  readonly bars?: { readonly across: Figure | undefined; readonly behind: Figure };
  /** an edge: what it is of, the board that stands at it, pins where it stands out, and the radius that it is rounded to */
  readonly form?: EdgeForm;
}

/**
 * A repair is sounded the day after it was placed, and once more when it has shrunk: each on its own day, and never under a
 * cover that still keeps it damp. @param kept the step that covers it, and how long it stays
 */
export function soundTwice(c: Course, after: string, kept?: { readonly by: string; readonly damp: Figure }): void {
  for (const which of ['first', 'last'] as const) {
    const age = c.get(concreteWork.figures[which === 'first' ? 'firstSounding' : 'secondSounding']);
    const days = c.days(age, which === 'first' ? 'First sounding' : 'Second sounding');
    // a cover that comes off about then comes off first; one that stays for days is lifted and laid back
    const stays = kept !== undefined && kept.damp.value > days.value * 2;
    if (kept && !stays) c.atLeast(c.fixed(kept.damp), kept.by);
    c.ready(soundAgain(age, which, stays ? 'lifted' : kept && which === 'first' ? 'off' : undefined), c.fixed(days), after);
  }
}

/** A wait of the mortar of the course, by its cure. */
export function mortarWait(c: Course, s: Sourced, label: string): Lag {
  const { cure, slabC } = c.system;
  return {
    by: 'progress',
    at23: c.get(s),
    cure,
    ...(slabC.min && { stopsBelow: slabC.min }),
    minutes:
      cure.by === 'equivalent-age'
        ? c.ledger.compute(cementWait, { waitAt23Min: c.get(s), temperatureC: c.groundC, activationK: c.get(cure.activation) }, label)
        : c.get(s),
  };
}
