import type { Figure } from '../../quantity/figure.ts';

/** What is mixed for one lift: in how many batches, and what goes into one of them. */
export interface LiftMix {
  readonly each: Figure;
  readonly batch: Figure;
  readonly powder: Figure;
  readonly liquid: Figure;
  /** mixing the first of them, min; further ones are mixed while it is placed */
  readonly minutes: Figure;
}
