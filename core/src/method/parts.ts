import { boardWork } from '../shelf/usual/boardWork.ts';
import type { Lag, Use } from './step.ts';
import { say } from '../quantity/saying.ts';
import { coverRoom, gelFirst, pullTape, putAway } from './words/protecting.ts';
import { cutAlongTape } from './words/redoing.ts';
import { acrossRim, rimmedArea, stripArea } from '../geometry/outline.ts';
import { firstPart, secondPart, withLoss } from '../mixing/proportions.ts';
import { anyWork } from '../shelf/usual/anyWork.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Course } from './course.ts';
import { Missing } from './courseFigures.ts';
import type { MixPart } from './work.ts';

/** Two parts by volume of a mix, each in all. */
export function twoParts(c: Course, volumeMl: Figure, second: Figure, names: readonly [string, string] = ['Resin', 'Hardener']): Omit<MixPart, 'each'>[] {
  return [
    { what: names[0], role: 'resin', amount: c.ledger.compute(firstPart, { volumeMl, second }, names[0]) },
    { what: names[1], role: 'hardener', amount: c.ledger.compute(secondPart, { volumeMl, second }, names[1]) },
  ];
}

/** What is mixed so that a volume is placed. */
export function mixed(c: Course, volumeMl: Figure, label: string, loss = c.of('loss')): Figure {
  return c.ledger.compute(withLoss, { volumeMl, loss }, label);
}

/** Length of a line defect, with the area of a strip along it. */
export function strip(c: Course, widthMm: Figure, label: string): Figure {
  return c.ledger.compute(stripArea, { lengthMm: c.need('lengthMm'), widthMm }, label);
}

/** Width and height of what was measured: of an outline or map as it was seen, or of a spot. */
export function sides(c: Course): readonly [Figure, Figure] {
  const { seen, measure } = c.matter;
  const width = seen?.width ?? measure('widthMm');
  const height = seen?.height ?? measure('heightMm');
  if (!width || !height) throw new Missing('size');
  return [width, height];
}

/** Longest side of what was measured. */
export function longer(c: Course): Figure {
  const [width, height] = sides(c);
  return width.value >= height.value ? width : height;
}

/** Area of a face or a piece by its two sides. */
export function faceArea(c: Course, widthMm: Figure, heightMm: Figure, label: string): Figure {
  return c.ledger.compute(rimmedArea, { widthMm, heightMm, rimMm: c.stated('No rim', 'depth', 0) }, label);
}

/** A place and a rim around it: how far across, and its area. */
export function rimmed(c: Course, rimMm: Figure, label: string): { readonly across: Figure; readonly area: Figure } {
  const [widthMm, heightMm] = sides(c);
  return { across: c.ledger.compute(acrossRim, { sizeMm: longer(c), rimMm }, label), area: c.ledger.compute(rimmedArea, { widthMm, heightMm, rimMm }, label) };
}

/**
 * Tape pulled while what lies on it is soft: caught in what has hardened, it is cut loose first.
 * @param dams where it holds up what would run: the step that poured it, and when that has gelled
 */
export function pulled(c: Course, within: Figure, dams?: { readonly from: string; readonly gelled: Lag }): void {
  c.within(within, say`It has hardened on the tape: cut along the edge before it is pulled.`, [cutAlongTape(c.each('spotEach'))], dams?.from);
  if (dams) c.wait(gelFirst(dams.gelled.minutes), dams.gelled, dams.from);
  c.work(pullTape(within, dams !== undefined), c.each('spotEach'));
}

/** Floor and what stands around covered once, with as much sheet as lies around the place. */
export function coverUp(c: Course, overhead = c.overhead): void {
  if (!c.once('cover')) return;
  const again = c.steps.some((s) => s.builder === 'cover-room');
  c.work(coverRoom(around(c), overhead, c.outdoors), c.rate('coverUp'), again ? { turn: 'again' } : { uses: [coverSheet(c)] });
}

/** The place is left for days: what lies over the room is taken up, and laid again before work goes on. */
export function leaveIt(c: Course): void {
  c.work(putAway(true, true), c.rate('tidy'), { turn: 'meanwhile' });
  c.uncover();
}

/** Area of a place with a rim around it, whatever its shape: around a line as far as it is long. */
export function rimAround(c: Course, rimMm: Figure, label: string): Figure {
  const { seen, measure } = c.matter;
  // what is counted lies over a bay of the face
  const widthMm = seen?.width ?? measure('widthMm') ?? measure('lengthMm') ?? c.get(boardWork.figures.bay);
  const heightMm = seen?.height ?? measure('heightMm') ?? c.stated('No height of a line', 'length', 0);
  return c.ledger.compute(rimmedArea, { widthMm, heightMm, rimMm }, label);
}

/** Sheet or film over what lies around a place. */
export function coverSheet(c: Course): Use {
  return c.use('sheet', 'Sheet or film to cover with', 'cover', rimAround(c, around(c), 'To cover'));
}

/** How far around a work the floor and what stands is covered. */
export function around(c: Course): Figure {
  return c.get(c.overhead ? anyWork.figures.coveredBelow : anyWork.figures.coveredAround);
}
