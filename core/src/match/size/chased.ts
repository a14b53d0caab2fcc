import { chaseVolume, grooveWidth } from '../../geometry/groove.ts';
import type { Figure } from '../../quantity/figure.ts';
import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { chaseDepth } from '../../schools/chaseDepth.ts';
import type { SchoolSide } from '../../schools/school.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import type { JudgedSize } from '../subject.ts';
import { lineAsFound } from './asFound.ts';
import { cutRefused, depthAllowed } from './cutAllowed.ts';
import type { SizeMatter } from './sizeMatter.ts';

/** A crack in a slab chased by the side taken, shallower where the slab may not be cut deeper, or as found where it may not be cut. */
export function chasedCrack(matter: SizeMatter, width: Figure, lengthMm: Figure, side: SchoolSide | undefined): JudgedSize {
  const { ledger } = matter;
  const allowed = depthAllowed(matter);
  const grooved = ledger.compute(grooveWidth, {
    wheelMm: ledger.sourced(chasingTools.wheel),
    widestMm: width,
    trimMm: ledger.sourced(chasingTools.trim),
  });
  const [least] = chaseDepth.sides;
  const wanted = ledger.sourced(side?.sets?.['depth'] ?? least.sets.depth);
  const shallow = ledger.sourced(least.sets.depth);
  if (allowed && !atMost(shallow.value, allowed.value)) return lineAsFound(matter, width, cutRefused(matter, allowed));
  const limited = allowed !== undefined && !atMost(wanted.value, allowed.value);
  const depth = limited ? shallow : wanted;
  return {
    preparation: 'chase',
    width: grooved,
    depth,
    void: ledger.compute(chaseVolume, { lengthMm, widthMm: grooved, depthMm: depth }),
    named: limited ? `${least.title} chase only` : `${(side ?? least).title} chase`,
    assumed: say`chased ${grooved} wide and ${depth} deep`,
    ...(limited && { limitedBecause: cutRefused(matter, allowed) }),
  };
}
