import type { Figure } from '../../quantity/figure.ts';
import type { Ledger } from '../../quantity/ledger.ts';
import type { FactReader } from '../../survey/factReader.ts';
import type { Kind } from '../../survey/kind.ts';
import type { Seen } from '../subject.ts';

/** What the size of a place is judged from: the defect as it was measured, and its answers. */
export interface SizeMatter {
  readonly ledger: Ledger;
  readonly kind: Kind;
  readonly seen: Seen;
  readonly read: FactReader;
}

/** A figure that follows from what was measured. */
export const measured = ({ seen }: SizeMatter, id: string): Figure | undefined => seen.surveyed.measured.find((m) => m.id === id)?.figure;
