import { screwLength } from '../../finishing/face.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import { boardWork } from '../../shelf/usual/boardWork.ts';
import type { Course } from '../course.ts';

/** How screws are told where board is made tight: how long they are, and where what takes them stands. */
export const screwsHere = (c: Course, leastMm: Figure): Saying =>
  say`${screwHere(c, leastMm)} long, into members ${c.matter.measure('framingMm') ?? c.get(boardWork.figures.framing)} apart`;

/** How long a screw has to be for the board here and what it is fixed to. @param leastMm what the system asks at the least */
export function screwHere(c: Course, leastMm: Figure): Figure {
  const { board, biteWood, biteSteel } = boardWork.figures;
  return c.ledger.compute(screwLength, {
    boardMm: c.matter.measure('boardMm') ?? c.get(board),
    biteMm: c.get(c.matter.choice('frame') === 'steel' ? biteSteel : biteWood),
    leastMm,
  });
}
