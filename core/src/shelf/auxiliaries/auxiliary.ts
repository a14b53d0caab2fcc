import type { Sourced } from '../../quantity/ledger.ts';
import type { MaterialHazard } from '../materialHazard.ts';
import type { Range, Remark } from '../patchSystem.ts';

/** What is only ever a step of a system: a primer, a bonder, a tape, a rod. Its figures are read by the methods that use it. */
export interface Auxiliary {
  readonly id: string;
  readonly title: string;
  /** what it does, as the end of 'it …' */
  readonly what: string;
  /** temperature of the ground that it bears */
  readonly slabC?: Range;
  readonly hazards?: readonly MaterialHazard[];
  readonly figures: Readonly<Record<string, Sourced>>;
  /** the sizes that it is sold in, from the smallest */
  readonly sizes?: readonly Sourced[];
  /** where it is not used, in words */
  readonly not?: Readonly<Record<string, Remark>>;
}
