import { stripArea, acrossRim } from '../../geometry/outline.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { say } from '../../quantity/saying.ts';
import { type Course } from '../course.ts';
import { coverUp } from '../parts.ts';
import { inUse, paintDry } from '../words/finishing.ts';
import { fitCap, treatCheck } from '../words/timbering.ts';

/** A check in a top face: capped, and left open below. */
export function capAndDrain(c: Course): void {
  const { ledger } = c;
  const length = c.need('lengthMm');
  coverUp(c, false);
  const dry = c.film(c.of('treat'));
  c.work(treatCheck(length, dry.minutes), c.byLength('readySetUp', 'brushPace', length, 'Treating the check'));
  c.wait(paintDry(dry.minutes, 'preservative', c.outdoors), dry);
  const long = ledger.compute(acrossRim, { sizeMm: length, rimMm: c.of('past') }, 'Cap');
  const depth = c.need('depthMm');
  const section = c.need('sectionMm');
  const across = ledger.compute(acrossRim, { sizeMm: section, rimMm: c.of('down') }, 'Cap, unfolded');
  c.work(fitCap(long, across, c.of('down'), c.of('fix'), c.of('lap')), c.byLength('readySetUp', 'capPace', long, 'Fitting the cap'), {
    uses: [c.use('cap', 'Cap, as wide as told when unfolded', 'board', ledger.compute(stripArea, { lengthMm: long, widthMm: across }, 'Sheet for the cap'))],
  });
  const ready = c.fixed(c.stated('At once', 'duration', 0));
  c.ready(inUse('rain', ready.minutes, 'Water runs off past the face.'), ready);
  c.amount('cap', 'Cap, length', long);
  c.amount('across', 'Cap, unfolded', across);
  c.named = 'capped';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the top face up`,
      ground: 'wood',
      width: c.need('widest'),
      depth: depth,
      shape: 'vee',
      layers: [{ id: 'open', material: 'open', thickness: depth, title: say`left open: it moves and drains` }],
      films: [{ id: 'cap', title: say`cap, turned down ${c.of('down')}`, detail: say`fixed on one side only`, across, material: 'bar' }],
    }),
  );
}
