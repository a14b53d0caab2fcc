import { plasterWork } from '../../shelf/usual/plasterWork.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { textureCompound } from '../finish.ts';
import { dampAgain, floatPlaster, throwDash, trowelPlaster } from '../words/plastering.ts';

/**
 * A coat that has firmed up is floated; the last of a smooth face is troweled. What a skim or a dash goes onto stays open, and so does a face
 * whose grain is its texture.
 */
export function floated(
  c: Course,
  { after, isLast, cement, area }: { readonly after: Figure; readonly isLast: boolean; readonly cement: boolean; readonly area: Figure },
): void {
  const smooth = c.isLast && ['smooth', 'orange', 'knockdown'].includes(c.matter.choice('texture') ?? '');
  const said = isLast && smooth ? trowelPlaster(after, cement) : floatPlaster(after, isLast);
  c.work(said, c.byArea('inHand', 'floatPlasterPerM2', area, 'Floating'), { turn: isLast ? 'finish' : 'base' });
}

/** A dash is thrown onto the floated finish while that is still damp: it is binder and sand, not texture out of a can. */
export function dashed(c: Course, area: Figure, gypsum: boolean): void {
  if (!c.isLast || gypsum || c.matter.choice('texture') !== 'dash') return;
  const until = c.get(plasterWork.figures.dashUntil);
  const placed = c.lastStep;
  c.within(until, say`It has dried on: damp it again with a fine mist, and wait until the shine is gone.`, [dampAgain(c.each('spotEach'))], placed);
  c.work(throwDash(area, until), c.byArea('inHand', 'texturePerM2', area, 'Dashing'), { uses: [textureCompound(c, area, 'Dash: binder and sand, thin')] });
}
