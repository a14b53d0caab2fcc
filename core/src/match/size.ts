import type { SchoolSide } from '../schools/school.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { JudgedSize } from './subject.ts';
import { lineAsFound } from './size/asFound.ts';
import { chasedCrack } from './size/chased.ts';
import { placeSize } from './size/place.ts';
import { routedCrack, routedLine } from './size/routed.ts';
import { measured, type SizeMatter } from './size/sizeMatter.ts';

/** What the trade differs on about cutting a line open. */
export interface CutSides {
  readonly atAll: SchoolSide | undefined;
  readonly depth: SchoolSide | undefined;
}

/**
 * The size of a defect as a system prepares it: chased or routed where it is a line that may be cut, cut square, or as found.
 * Each preparation is one file in `size/`.
 * @param sides the sides taken of whether a line is cut open at all, and how deep
 */
export function judgedSize(matter: SizeMatter, { preparation, sealant, edge }: PatchSystem, sides: CutSides): JudgedSize {
  const width = measured(matter, 'widest');
  if (!width) return placeSize(matter, edge ? { edge } : {});
  const rout = preparation === 'rout' ? sealant : undefined;
  if (matter.kind.chased !== true) return rout ? routedLine(matter, width, rout) : lineAsFound(matter, width);
  const { length } = matter.seen.subject;
  if (!length || (preparation !== 'chase' && preparation !== 'rout')) return lineAsFound(matter, width);
  if (sides.atAll?.id === 'as-found') return { ...lineAsFound(matter, width), leftAsFound: true };
  return rout ? routedCrack(matter, width, length, rout) : chasedCrack(matter, width, length, sides.depth);
}
