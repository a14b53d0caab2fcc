import { boardWork } from '../../shelf/usual/boardWork.ts';
import { acrossRim } from '../../geometry/outline.ts';
import { volumeSum } from '../../geometry/groove.ts';
import { sumOf } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { compoundSets } from '../words/boarding.ts';
import { coatsFor, feather, levelOf, smoothe, wideningCoats, workCoats } from './compound.ts';

export const shines = (c: Course) => ['gloss', 'eggshell'].includes(c.matter.choice('paint') ?? '');

/** A plug or patch that stands a little proud: coats that run its hump out. */
export function runOutHump(
  c: Course,
  width: Figure,
  height: Figure,
  rim: Figure,
  more: readonly Figure[],
  bedding?: Figure,
): { readonly area: Figure; readonly widths: readonly Figure[] } {
  const level = levelOf(c);
  const coats = coatsFor(c, level);
  const past = feather(c, c.of('hump'));
  const size = width.value >= height.value ? width : height;
  const first = c.ledger.compute(acrossRim, { sizeMm: size, rimMm: rim }, 'Over the edge');
  const school = c.does('feathers-joints') ? c.school('joint-width', 'width') : undefined;
  const run = c.ledger.compute(acrossRim, { sizeMm: first, rimMm: past }, 'Last coat');
  const last = school && school.value > run.value - size.value ? c.ledger.compute(sumOf, { partMm: [size, school] }, 'Last coat') : run;
  const wide = wideningCoats(c, {
    first: c.ledger.compute(acrossRim, { sizeMm: first, rimMm: c.get(boardWork.figures.firstPast) }, 'First coat'),
    last,
    coats,
    thin: c.of('thin'),
    spot: { width, height, count: undefined },
  });
  const joint = c.ledger.compute(volumeSum, { volumeMl: [...(bedding ? [bedding] : []), ...wide.volumes] }, 'Joint compound');
  c.keepMix({
    id: 'compound',
    title: 'Joint compound',
    total: joint,
    care: 'ready',
    of: 'drying-compound',
    batches: c.stated('From the pail', 'count', 1),
    parts: [{ what: 'Joint compound', role: 'ready', amount: joint }],
    says: [say`From the pail as it is; what is left in the pan does not go back.`],
  });
  c.amount('compound', 'Compound in all', c.ledger.compute(volumeSum, { volumeMl: [...more, ...wide.volumes] }, 'Compound in all'));
  c.amount('feather', 'Hump run out, each side', past);
  workCoats(c, wide, coats, c.of('thin'), 'settled', c.byCount('nothing', 'spotEach', c.stated('Sides', 'count', 4), 'A coat around'));
  smoothe(c, c.get(boardWork.figures.sandedPast), c.byArea('vacuumSetUp', 'sandPerM2', wide.area, 'Sanding'));
  return wide;
}

export function untilSet(c: Course): void {
  const hard = c.of('hard');
  c.wait(compoundSets(hard), c.fixed(hard));
}
