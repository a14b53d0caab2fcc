import { liftCount, liftThickness } from '../../geometry/groove.ts';
import { acrossRim } from '../../geometry/outline.ts';
import { humpCoat } from '../../finishing/face.ts';
import { withShrinkage } from '../../mixing/plaster.ts';
import { boardWork } from '../../shelf/usual/boardWork.ts';
import type { Course } from '../course.ts';
import { longer, mixed, sides } from '../parts.ts';
import { coatBeside, dullFace, knockDown } from '../words/boarding.ts';
import { layOut } from '../words/protecting.ts';
import { makeReady, settle, smoothe, wideningCoats, workedFor, type Go } from './compound.ts';
import { cover, finishBoard } from './fill.ts';
import { humpSection } from './humpSection.ts';
import { feather, levelOf } from './level.ts';
import { shines } from './patchCoats.ts';

/** A hump stays where it is: around it coats that each reach farther run it out so wide that the light forgives it. */
export function runOutFault(c: Course): void {
  const { ledger } = c;
  const level = levelOf(c);
  cover(c);
  const size = longer(c);
  const height = c.matter.measure('heightMm') ?? c.get(boardWork.figures.humpHigh);
  const past = feather(c, height);
  c.work(dullFace(past, shines(c), c.matter.choice('paper') === 'yes'), c.byCount('vacuumSetUp', 'spotEach', c.rate('once'), 'Trimming'));
  const coats = ledger.compute(
    liftCount,
    { depthMm: height, thickestMm: c.of('coatMost'), least: c.get(level.value >= 5 ? boardWork.figures.spotCoatsFive : boardWork.figures.spotCoats) },
    'Coats around it',
  );
  const thickness = ledger.compute(liftThickness, { depthMm: height, lifts: coats }, 'A coat beside the hump');
  const [width, high] = sides(c);
  const wide = wideningCoats(c, {
    first: ledger.compute(
      acrossRim,
      { sizeMm: size, rimMm: ledger.compute(liftThickness, { depthMm: past, lifts: coats }, 'First coat past it') },
      'First coat',
    ),
    last: ledger.compute(acrossRim, { sizeMm: size, rimMm: past }, 'Last coat'),
    coats,
    thin: c.of('thin'),
    spot: { width, height: high, count: undefined },
  });
  const volumes = wide.widths.map((_w, i) => {
    const coat = c.stated('Which coat', 'count', i + 1);
    const under = ledger.compute(humpCoat, { acrossMm: size, pastMm: past, humpMm: height, coat, coats });
    return mixed(c, ledger.compute(withShrinkage, { volumeMl: under, shrinks: c.of('shrink') }), 'Compound for a coat');
  });
  c.work(layOut(workedFor(c), 'pan and wide knives, straightedge, lamp, pencil', c.resin), c.rate('readySetUp'));
  const placing = c.byArea('readySetUp', 'skimPerM2', wide.area, 'A coat around');
  const ready = makeReady(
    c,
    volumes.map((volume, i): Go => ({ what: `Coat ${String(i + 1)}`, volume, placing })),
  );
  volumes.forEach((volume, i) => {
    const across = wide.widths[i];
    if (!across) return;
    if (i > 0) {
      settle(c, thickness, 'coat');
      c.work(knockDown(across), c.each('spotEach'), { turn: i + 1 });
    }
    ready(i);
    c.work(coatBeside(i + 1, coats, across, volume, thickness), placing, { lift: i + 1, uses: [{ of: 'compound', amount: ready.taken(volume) }] });
  });
  settle(c, thickness, 'finish');
  smoothe(c, c.get(boardWork.figures.sandedPast), c.byArea('vacuumSetUp', 'sandPerM2', wide.area, 'Sanding'));
  c.amount('feather', 'Hump run out, each side', past);
  c.named = 'run out wide';
  c.sections.push(humpSection({ across: size, height, past, widths: wide.widths }));
  if (c.isLast) finishBoard(c, wide.area);
}
