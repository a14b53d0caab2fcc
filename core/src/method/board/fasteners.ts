import { boardWork } from '../../shelf/usual/boardWork.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { resetFastener } from '../words/boarding.ts';
import { films, makeReady, smoothe, wideningCoats, workCoats } from './compound.ts';
import { levelOf } from './level.ts';
import { cover, finishBoard, coatGoes } from './fill.ts';
import { screwHere, screwsHere } from './screws.ts';

/** Pops: a new screw beside each, then coats that widen. */
export function fastenerReset(c: Course): void {
  const pops = c.need('pops');
  levelOf(c);
  cover(c);
  c.work(resetFastener(pops, c.of('beside'), screwsHere(c, c.of('screw')), c.of('dimple')), c.byCount('readySetUp', 'screwEach', pops, 'Setting screws'), {
    uses: [c.use('screws', 'Screws', 'fixing', pops)],
  });
  const coats = c.get(boardWork.figures.headCoats);
  const size = c.get(boardWork.figures.dimple);
  const wide = wideningCoats(c, { first: c.of('first'), last: c.of('last'), coats, thin: c.of('thin'), spot: { width: size, height: size, count: pops } });
  const coating = c.byCount('nothing', 'spotEach', pops, 'A coat on the heads');
  const mix = makeReady(c, coatGoes(wide, coating), 'Joint compound');
  workCoats(c, wide, coats, c.of('thin'), { below: 'bare', each: coating, ready: mix, taken: mix.taken });
  smoothe(c, c.get(boardWork.figures.spotsPast), c.byCount('vacuumSetUp', 'sandEach', pops, 'Sanding the heads'));
  c.amount('screws', 'New screws', pops);
  c.amount('screw', 'Length of a screw', screwHere(c, c.of('screw')));
  c.named = 'screwed beside, coated';
  c.sections.push(
    layeredSection({
      caption: say`Through a reset head`,
      ground: 'board',
      behind: { material: 'frame', thicknessMm: 25, title: say`the same member, ${c.of('beside')} on` },
      width: size,
      depth: c.of('dimple'),
      groundMm: c.matter.measure('boardMm')?.value ?? 12.7,
      layers: [{ id: '1', material: 'compound', lift: 1, thickness: c.of('dimple'), title: say`head ${c.of('dimple')} below` }],
      films: films(wide.widths),
    }),
  );
  if (c.isLast) finishBoard(c, wide.area);
}
