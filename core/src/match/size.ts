import type { SchoolSide } from '../schools/school.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { JudgedSize } from './subject.ts';
import { lineAsFound } from './size/asFound.ts';
import { chasedCrack } from './size/chased.ts';
import { placeSize } from './size/place.ts';
import { routedCrack, routedLine } from './size/routed.ts';
import { measured, type SizeMatter } from './size/sizeMatter.ts';

/**
 * The size of a defect as a system prepares it: chased or routed where it is a line that may be cut, cut square, or as found.
 * Each preparation is one file in `size/`.
 * @param side the side taken of how deep a line is chased
 */
export function judgedSize(matter: SizeMatter, { preparation, sealant, edge }: PatchSystem, side: SchoolSide | undefined): JudgedSize {
  const width = measured(matter, 'widest');
  if (!width) return placeSize(matter, edge ? { edge } : {});
  const rout = preparation === 'rout' ? sealant : undefined;
  if (matter.kind.chased !== true) return rout ? routedLine(matter, width, rout) : lineAsFound(matter, width);
  const { length } = matter.seen.subject;
  if (!length || (preparation !== 'chase' && preparation !== 'rout')) return lineAsFound(matter, width);
  return rout ? routedCrack(matter, width, length, rout) : chasedCrack(matter, width, length, side);
}
