import { boardWork } from '../../shelf/usual/boardWork.ts';
import { acrossRim } from '../../geometry/outline.ts';
import { volumeSum } from '../../geometry/groove.ts';
import { sumOf } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { compoundSets } from '../words/boarding.ts';
import { coatsFor, mixSetting, settle, smoothe, wideningCoats, workCoats } from './compound.ts';
import { feather, levelOf } from './level.ts';

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
  const setting = overIt(c);
  if (!setting) fromPail(c, c.ledger.compute(volumeSum, { volumeMl: [...(bedding ? [bedding] : []), ...wide.volumes] }, 'Joint compound'));
  c.amount('compound', 'Compound in all', c.ledger.compute(volumeSum, { volumeMl: [...more, ...wide.volumes] }, 'Compound in all'));
  c.amount('feather', 'Hump run out, each side', past);
  const each = c.byCount('nothing', 'spotEach', c.stated('Sides', 'count', 4), 'A coat around');
  const mixOf = (coat: number) => `coat-${String(coat + 1)}`;
  const taken = new Map<Figure, Figure>();
  const ready = (coat: number) => {
    const volume = wide.volumes[coat];
    if (setting && volume)
      taken.set(
        volume,
        mixSetting(c, {
          id: mixOf(coat),
          title: `Setting compound, coat ${String(coat + 1)}`,
          volume,
          ...setting,
          pace: each,
          says: say`Mixed when the one below is hard, not before.`,
        }),
      );
  };
  workCoats(c, wide, coats, c.of('thin'), {
    below: 'settled',
    each,
    ...(setting && { ready, mixOf, taken: (placed: Figure) => taken.get(placed) ?? placed, hardMin: setting.hard, under: c.of('bed') }),
  });
  smoothe(c, c.get(boardWork.figures.sandedPast), c.byArea('vacuumSetUp', 'sandPerM2', wide.area, 'Sanding'));
  return wide;
}

/** The setting compound that every coat over a patch is of, where that side was taken. */
export function overIt(c: Course): { readonly named: Figure; readonly hard: Figure } | undefined {
  const [named, hard] = [c.school('over-patch', 'named'), c.school('over-patch', 'hard')];
  return named && hard && { named, hard };
}

/** Drying compound for all that is coated over a patch. */
function fromPail(c: Course, total: Figure): void {
  c.keepMix({
    id: 'compound',
    title: 'Joint compound',
    total,
    care: 'ready',
    of: 'drying-compound',
    batches: c.stated('From the pail', 'count', 1),
    parts: [{ what: 'Joint compound', role: 'ready', amount: total }],
    says: [say`From the pail as it is; what is left in the pan does not go back.`],
  });
}

/** What was bedded in setting compound is hard before more of it, and dry before a drying one goes over. */
export function settleBed(c: Course, thickness: Figure, covered: boolean, hardMin: Figure): void {
  settle(c, thickness, overIt(c) ? 'coat' : 'finish', covered, hardMin);
}

/** A gap filled with setting compound is hard before its tape. */
export function untilSet(c: Course): void {
  const hard = c.of('hard');
  c.wait(compoundSets(hard, 'tape'), c.fixed(hard));
}
