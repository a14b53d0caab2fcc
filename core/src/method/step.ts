import type { Figure } from '../quantity/figure.ts';
import type { Sourced } from '../quantity/ledger.ts';
import type { Saying } from '../quantity/saying.ts';
import type { CureModel } from '../shelf/patchSystem.ts';

/** Material that a step uses. */
export interface Stuff {
  readonly what: string;
  readonly amount: Figure;
}

/** One step of a method, in the order of the work. */
export interface Step {
  readonly id: string;
  /** the builder that made it */
  readonly builder: string;
  /** hands-on work, a wait, or a moment from which something is allowed */
  readonly kind: 'work' | 'wait' | 'ready';
  readonly title: Saying;
  readonly detail: Saying;
  /** what to look for: the acceptance check */
  readonly look: Saying;
  readonly tools: readonly string[];
  readonly stuff: readonly Stuff[];
  /** hands-on time of work, length of a wait */
  readonly minutes: Figure;
  /** why there is no figure in its words, where there is none */
  readonly plain?: string;
  readonly section?: { readonly n: number; readonly of: number };
  readonly lift?: number;
}

/**
 * A lag between steps. Fixed: so many minutes. Progress: done when its rate, which follows the
 * temperature of the slab, adds up to one; `minutes` is the time at the slab's temperature as measured.
 */
export type Lag =
  // dries by the air: each stretch of climate counts for its share of the time that it would take in it
  | { readonly by: 'drying'; readonly thicknessMm: Figure; readonly cover: Figure; readonly draft: Figure; readonly minutes: Figure }
  | { readonly by: 'fixed'; readonly minutes: Figure }
  | { readonly by: 'progress'; readonly at23: Figure; readonly cure: CureModel; readonly stopsBelow?: Sourced; readonly minutes: Figure };

/** A link of the network: a step may begin at the earliest, and must have begun at the latest, after another. */
export interface Link {
  readonly from: string;
  readonly after: 'start' | 'end';
  readonly to: string;
  readonly least?: Lag;
  readonly most?: { readonly minutes: Figure; readonly ifMissed: Saying };
}

/** Steps in order, and the links between them. */
export interface Network {
  readonly steps: readonly Step[];
  readonly links: readonly Link[];
}
