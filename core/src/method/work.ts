import type { Section } from '../geometry/section.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Saying } from '../quantity/saying.ts';
import type { Network } from './step.ts';

/** Something that is mixed or made ready in batches small enough to place in their working time. */
export interface Mix {
  readonly id: string;
  readonly title: string;
  /** what is mixed in all, losses included */
  readonly total: Figure;
  /** its parts, each in all and for one batch; what goes in once has no share of a batch */
  readonly parts: readonly { readonly what: string; readonly amount: Figure; readonly each?: Figure; readonly once?: boolean }[];
  readonly batches: Figure;
  /** to be placed within; absent where it keeps for the day */
  readonly within?: Figure;
  readonly says: readonly Saying[];
}

/** The whole method of a family: steps, links, amounts, mixes and drawings. */
export interface WorkMethod extends Network {
  /** the preparation in two or three words, for titles */
  readonly named: string;
  readonly quantities: readonly Quantity[];
  readonly mixes: readonly Mix[];
  readonly sections: readonly Section[];
}
