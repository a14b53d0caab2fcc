import { cutAllowed } from '../../geometry/groove.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import type { SizeMatter } from './sizeMatter.ts';

/** How deep the slab may be cut: not at all before it is scanned, less than the cover where something was found; nothing where it is clear. */
export function depthAllowed({ ledger, read }: SizeMatter): Figure | undefined {
  const located = read.choice('located');
  if (located === 'no') return ledger.assumed('Deepest cut allowed', 'depth', 0, 'judgement', 'no cut before bars, tubing and cables are located');
  const coverMm = located === 'found' ? read.measure('coverMm') : undefined;
  return coverMm && ledger.compute(cutAllowed, { coverMm, keepMm: ledger.sourced(chasingTools.keep) });
}

/** Why a cut is not allowed as deep as it would have to be. */
export const cutRefused = ({ read }: SizeMatter, allowed: Figure): Saying =>
  read.choice('located') === 'no' ? say`no cut before bars, tubing and cables are located` : say`what was found leaves only ${allowed} to cut`;
