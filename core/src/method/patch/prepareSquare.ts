import { cutAllowed, wheelPasses } from '../../geometry/groove.ts';
import type { Figure } from '../../quantity/figure.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { around, coverSheet } from '../parts.ts';
import type { Course } from '../course.ts';
import { breakOut } from './steps/breakOut.ts';
import { chiselSquare } from './steps/chiselSquare.ts';
import { cleanBars } from './steps/cleanBars.ts';
import { clearBars } from './steps/clearBars.ts';
import { closeOff } from './steps/closeOff.ts';
import { coverAround } from './steps/coverAround.ts';
import { grindEdge } from './steps/grindEdge.ts';
import { primeBars, primerDries } from './steps/primeBars.ts';
import { sawSquare } from './steps/sawSquare.ts';
import { washOut } from './steps/washOut.ts';
import { type SquareCut, mortarWait } from './squareCut.ts';

/** The outline cut upright: ground where it is thinned out, no deeper by saw than a bar below it allows, by chisel where it lies too high for one. */
function cutOutline(c: Course, cut: SquareCut, edge: Figure, thinned: boolean): void {
  const { ledger } = c;
  const coverMm = c.matter.measure('coverMm');
  const free = coverMm && ledger.compute(cutAllowed, { coverMm, keepMm: c.get(concreteWork.figures.sawAboveBar) }, 'Saw no deeper than');
  const over = !thinned && free !== undefined && free.value < edge.value ? free : undefined;
  if (over && coverMm && over.value < c.get(concreteWork.figures.sawLeast).value) {
    c.add(chiselSquare(edge, cut.around, coverMm, c.byLength('chipSetUp', 'edgePace', cut.around, 'Cutting the edge by chisel')));
    return;
  }
  const sawn = over ?? edge;
  const passes = ledger.compute(wheelPasses, {
    depthMm: sawn,
    biteMm: c.get(chasingTools.bite),
    widthMm: c.get(chasingTools.wheel),
    wheelMm: c.get(chasingTools.wheel),
  });
  const cutting = c.byLength('sawSetUp', 'sawPace', cut.around, thinned ? 'Grinding the edge' : 'Sawing', { passes });
  if (over && coverMm) {
    const rest = c.byLength('nothing', 'edgePace', cut.around, 'The rest of the edge by chisel');
    c.add(sawSquare(sawn, cut.around, passes, c.together([cutting, rest], 'Sawing, and the rest by chisel'), { cover: coverMm, edge }));
  } else c.add(thinned ? grindEdge(edge, cut.around, cutting) : sawSquare(sawn, cut.around, passes, cutting));
}

/** Cutting, breaking out, clearing and priming bars, washing. */
export function prepareSquare(c: Course, cut: SquareCut, edge: Figure, thinned = false): void {
  const alone = c.rate('alone');
  if (cut.form?.of === 'curb') c.add(closeOff(cut.form.long, c.byLength('coverUp', 'tapePace', cut.form.long, 'Closing it off')));
  c.add(coverAround(around(c), c.rate('coverUp'), c.outdoors), { uses: [coverSheet(c)] });
  cutOutline(c, cut, edge, thinned);
  c.add(breakOut(cut.depth, cut.broken, c.byVolume('chipSetUp', 'chipPerL', cut.broken, 'Breaking out', alone), cut.bars !== undefined));
  if (cut.bars) {
    c.add(clearBars(cut.bars.behind, c.byVolume('inHand', 'barPerL', cut.volume, 'Clearing behind bars', alone)));
    c.add(cleanBars(c.byArea('chipSetUp', 'primePerM2', cut.area, 'Cleaning bars', alone)));
  }
  c.add(washOut(c.byArea('washSetUp', 'washPerM2', cut.area, 'Washing out', alone)));
  for (const primer of cut.bars ? c.matter.before : []) {
    const { coats, coat, recoat } = primer.figures;
    if (!coats || !coat || !recoat) continue;
    for (let n = 1; n <= coats.value; n++) {
      if (n > 1) {
        const between = mortarWait(c, recoat, 'Between coats of primer');
        c.wait(primerDries(between.minutes, c.groundC, 'the next coat'), between);
      }
      c.add(primeBars(n, c.get(coats), c.get(coat), c.byArea('inHand', 'primePerM2', cut.area, 'Priming bars', alone)), {
        uses: [c.use('bar-primer', `${primer.title}, over the bars in`, 'primer', cut.area, primer.id)],
      });
    }
    const hard = mortarWait(c, recoat, 'Primer before the mortar');
    c.wait(primerDries(hard.minutes, c.groundC, 'the mortar'), hard);
  }
}
