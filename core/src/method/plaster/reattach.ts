import { plasterWork } from '../../shelf/usual/plasterWork.ts';
import { frontView, rectangle, circle } from '../../geometry/layeredSection.ts';
import type { Region } from '../../geometry/section.ts';
import { manyVolumes } from '../../geometry/outline.ts';
import { fasteningPoints } from '../../mixing/plaster.ts';
import { say } from '../../quantity/saying.ts';
import type { Course } from '../course.ts';
import { finishBoard, cover } from '../board/fill.ts';
import { sides } from '../parts.ts';
import { fastenBack, grips, propped } from '../words/plastering.ts';
import { propFirst } from './coats.ts';

/** Sound plaster that has let go: fastened back through it, propped until it holds. */
export function plasterReattach(c: Course): void {
  const [width, height] = sides(c);
  const area = c.matter.measured('hollow') ?? c.need('area');
  cover(c);
  propFirst(c, area, c.matter.measure('thicknessMm') ?? c.get(plasterWork.figures.thickness));
  const spacing = c.of('spacing');
  const points = c.ledger.compute(fasteningPoints, { widthMm: width, heightMm: height, spacingMm: spacing });
  const lath = c.matter.choice('base')?.endsWith('lath') === true;
  const adhesive = c.ledger.compute(manyVolumes, { volumeMl: c.of('adhesiveMl'), count: points }, 'Adhesive');
  c.work(
    fastenBack(
      points,
      spacing,
      c.of('hole'),
      lath ? 'a washer on each screw, sunk below the face' : 'adhesive injected until it shows, the face held up by a board',
    ),
    c.byCount('readySetUp', 'pointEach', points, 'Fastening back'),
    {
      uses: [lath ? c.use('washers', 'Screws with washers', 'fixing', points) : c.use('adhesive', 'Adhesive', 'adhesive', adhesive)],
    },
  );
  // screws carry at once where nothing hangs; adhesive has to grip, and what is propped is eased last
  const hung = c.steps.some((s) => s.builder === 'prop-up');
  const hold = c.fixed(c.of('prop'));
  if (hung) c.wait(propped(hold.minutes), hold);
  else if (!lath) c.wait(grips(hold.minutes), hold);
  c.amount('points', 'Fastening points', points);
  c.amount('washer', lath ? 'Washers of' : 'Hole', lath ? c.of('washer') : c.of('hole'));
  if (!lath) c.amount('adhesive', 'Adhesive', adhesive);
  c.amount('sunk', 'Sunk below the face', c.of('sunk'));
  c.named = 'fastened back';
  const [W, H] = [width.value, height.value];
  const nx = Math.ceil(W / spacing.value) + 1,
    ny = Math.ceil(H / spacing.value) + 1;
  const regions: Region[] = [{ id: 'loose', material: 'hollow', outline: rectangle(0, 0, W, H) }];
  for (let i = 0; i < nx; i++)
    for (let j = 0; j < ny; j++)
      regions.push({ id: `point-${String(i)}-${String(j)}`, material: 'bar', outline: circle((W * i) / (nx - 1), (H * j) / (ny - 1), Math.max(W, H) * 0.012) });
  c.sections.push(
    frontView({
      caption: say`From the front: where it is fastened`,
      ground: 'plaster',
      widthMm: W,
      heightMm: H,
      regions,
      dimensions: [
        { id: 'width', along: 'x', from: [0, H], to: [W, H], figure: width, side: 'below' },
        { id: 'height', along: 'y', from: [W, 0], to: [W, H], figure: height, side: 'right' },
      ],
      notes: [{ id: 'points', at: [W, 0], title: say`${points} points, ${spacing} apart`, detail: say`closer near the break` }],
    }),
  );
  if (!c.isLast) return;
  finishBoard(c, area, c.placed);
}
