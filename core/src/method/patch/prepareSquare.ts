import { wheelPasses } from '../../geometry/groove.ts';
import type { Figure } from '../../quantity/figure.ts';
import { chasingTools } from '../../shelf/chasingTools.ts';
import { around, coverSheet } from '../parts.ts';
import type { Course } from '../course.ts';
import { breakOut } from './steps/breakOut.ts';
import { cleanBars } from './steps/cleanBars.ts';
import { clearBars } from './steps/clearBars.ts';
import { coverAround } from './steps/coverAround.ts';
import { grindEdge } from './steps/grindEdge.ts';
import { primeBars, primerDries } from './steps/primeBars.ts';
import { sawSquare } from './steps/sawSquare.ts';
import { washOut } from './steps/washOut.ts';
import { type SquareCut, mortarWait } from './squareCut.ts';

/** Cutting, breaking out, clearing and priming bars, washing. */
export function prepareSquare(c: Course, cut: SquareCut, edge: Figure, thinned = false): void {
  const { ledger } = c;
  const alone = c.rate('alone');
  c.add(coverAround(around(c), c.rate('coverUp')), { uses: [coverSheet(c)] });
  const passes = ledger.compute(wheelPasses, {
    depthMm: edge,
    biteMm: c.get(chasingTools.bite),
    widthMm: c.get(chasingTools.wheel),
    wheelMm: c.get(chasingTools.wheel),
  });
  const cutting = c.byLength('sawSetUp', 'sawPace', cut.around, thinned ? 'Grinding the edge' : 'Sawing', { passes });
  c.add(thinned ? grindEdge(edge, cut.around, cutting) : sawSquare(edge, cut.around, passes, cutting));
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
