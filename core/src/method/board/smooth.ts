import { layeredSection } from '../../geometry/layeredSection.ts';
import { say } from '../../quantity/saying.ts';
import { boardWork } from '../../shelf/usual/boardWork.ts';
import type { Course } from '../course.ts';
import { coated } from '../finish.ts';
import { longer } from '../parts.ts';
import { dullBands, markFaults, sandOut, scrapeTexture } from '../words/finishing.ts';
import { driesThrough, ridgesDown } from './compound.ts';
import { cover, finishBoard } from './fill.ts';

/** A fault of the finish that nothing is filled for: marked, taken down or dulled, primed and painted. */
export function smoothAndPaint(c: Course): void {
  const area = c.need('area');
  const fault = c.matter.choice('fault');
  cover(c);
  c.work(markFaults(area, c.outdoors), c.byArea('inHand', 'lookPerM2', area, 'Marking'));
  const sanding = c.byArea('vacuumSetUp', 'sandPerM2', area, 'Taking it down');
  if (fault === 'ridge') {
    ridgesDown(c, c.of('softens'), sanding);
    // what was wetted to come off is dry before it is primed
    driesThrough(c, c.of('wetted'), 'Dry again');
  } else if (fault === 'scratches') c.work(sandOut(c.get(boardWork.figures.finer)), sanding);
  else if (fault === 'texture') {
    c.work(scrapeTexture(area), sanding);
    driesThrough(c, c.of('wetted'), 'Dry again');
  } else c.work(dullBands(coated(c, area).area), c.byArea('vacuumSetUp', 'sandPerM2', coated(c, area).area, 'Dulling'));
  c.named = 'smoothed and painted';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'board',
      width: longer(c),
      layers: [],
      films: [{ id: 'face', title: say`primed and painted`, detail: coated(c, area).as === 'face' ? say`from corner to corner` : say`past what showed` }],
    }),
  );
  finishBoard(c, area);
}
