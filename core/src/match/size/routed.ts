import { chaseVolume, routWidth, sealantDepth } from '../../geometry/groove.ts';
import type { Figure } from '../../quantity/figure.ts';
import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import type { PatchSystem } from '../../shelf/patchSystem.ts';
import type { JudgedSize } from '../subject.ts';
import { lineAsFound } from './asFound.ts';
import { cutRefused, depthAllowed } from './cutAllowed.ts';
import { measured, type SizeMatter } from './sizeMatter.ts';

type Sealant = NonNullable<PatchSystem['sealant']>;

/** Width and depth of a rout for a sealant over a line. */
function rout({ ledger, seen }: SizeMatter, widestMm: Figure, sealant: Sealant): { readonly width: Figure; readonly depth: Figure } {
  const movementMm = seen.subject.movementToCome ?? ledger.assumed('Movement still to come', 'crackWidth', 0, 'judgement', 'none measured');
  const width = ledger.compute(routWidth, {
    movementMm,
    capability: ledger.sourced(sealant.capability),
    leastMm: ledger.sourced(sealant.leastWidth),
    widestMm,
    trimMm: ledger.sourced(chasingTools.trim),
  });
  return {
    width,
    depth: ledger.compute(sealantDepth, { widthMm: width, leastMm: ledger.sourced(sealant.leastDepth), mostMm: ledger.sourced(sealant.mostDepth) }),
  };
}

const words = ({ width, depth }: { readonly width: Figure; readonly depth: Figure }) =>
  ({ preparation: 'rout', width, depth, named: 'routed', assumed: say`routed ${width} wide and ${depth} deep` }) as const;

/** A crack in a slab routed for its movement, or as found where the slab may not be cut so deep. */
export function routedCrack(matter: SizeMatter, width: Figure, lengthMm: Figure, sealant: Sealant): JudgedSize {
  const allowed = depthAllowed(matter);
  const routed = rout(matter, width, sealant);
  if (allowed && !atMost(routed.depth.value, allowed.value)) return lineAsFound(matter, width, cutRefused(matter, allowed));
  return { ...words(routed), void: matter.ledger.compute(chaseVolume, { lengthMm, widthMm: routed.width, depthMm: routed.depth }) };
}

/** A line of another kind, routed for its movement. */
export function routedLine(matter: SizeMatter, width: Figure, sealant: Sealant): JudgedSize {
  const routed = rout(matter, width, sealant);
  const filled = measured(matter, 'void');
  return { ...words(routed), ...(filled && { void: filled }) };
}
