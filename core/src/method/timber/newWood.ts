import { timberWork } from '../../shelf/usual/timberWork.ts';
import { faceArea } from '../parts.ts';
import type { Use } from '../step.ts';
import { lengthsInAll } from '../../mixing/materials.ts';
import { sumOf } from '../../mixing/proportions.ts';
import { acrossRim, rimmedArea } from '../../geometry/outline.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { coatVolume } from '../../mixing/mortarBatch.ts';
import { scarfLength } from '../../mixing/timber.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import { type Course } from '../course.ts';
import { Missing } from '../courseFigures.ts';
import { clearAway } from '../words/protecting.ts';
import { clamped, cutPocket, cutScarf, easeProps, glueWood, propPiece, shapeFiller } from '../words/timbering.ts';
import { placeOf, begin, end, gritsFor } from './common.ts';

/** A piece of the same wood glued into a square pocket. */
export function woodInsert(c: Course): void {
  const { ledger } = c;
  const place = placeOf(c);
  begin(c, place.area);
  const [w, h] = [place.width, place.height].map((sizeMm) => ledger.compute(acrossRim, { sizeMm, rimMm: c.of('past') }, 'Pocket'));
  if (!w || !h) throw new Missing('size');
  c.work(
    cutPocket(w, h, place.depth, c.of('past'), c.matter.subject.kind === 'timber-through'),
    c.byCount('readySetUp', 'insertEach', c.rate('once'), 'Cutting the pocket'),
  );
  const face = ledger.compute(rimmedArea, { widthMm: w, heightMm: h, rimMm: place.depth }, 'Glued faces');
  const piece = faceArea(c, w, h, 'Insert');
  glued(c, face, 'insert', c.use('wood', 'Wood of the same kind, as thick as the pocket is deep', 'wood', piece));
  c.amount('pocket', 'Pocket, width', w);
  c.amount('pocketHeight', 'Pocket, height', h);
  c.amount('taper', 'Insert tapered by', c.of('taper'));
  c.amount('side', 'Wood beside the pocket, at least', c.of('side'));
  c.named = 'pocketed';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'wood',
      width: w,
      depth: place.depth,
      proud: c.of('over'),
      layers: [{ id: '1', material: 'board', lift: 1, thickness: place.depth, title: say`insert, grain matched`, detail: say`tapered ${c.of('taper')}` }],
    }),
  );
  end(c, ledger.compute(rimmedArea, { widthMm: w, heightMm: h, rimMm: c.get(timberWork.figures.primedPast) }, 'Finished'), c.lastStep);
}

/** Glues new wood in, clamps it and planes it flush. @returns the step that glues */
function glued(c: Course, face: Figure, what: string, wood: Use): string {
  const glue = c.ledger.compute(coatVolume, { areaMm2: face, filmMm: c.of('glue') }, 'Glue');
  const open = c.closes(c.of('open'), 'Closed within');
  const step = c.work(glueWood(glue, open, c.of('over'), what), c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Gluing'), {
    uses: [wood, c.use('glue', 'Glue', 'adhesive', glue, c.system.id)],
  });
  const clamp = c.curing(c.of('clamp'), 'Clamped for');
  const at = c.last;
  c.work(clearAway(open, 'glue that squeezed out wiped while it is wet'), c.rate('cleanTools'));
  c.wait(clamped(clamp.minutes), clamp, at);
  c.work(shapeFiller(c.of('over'), ...gritsFor(c), false, c.matter.choice('member')), c.byArea('readySetUp', 'shapePerM2', face, 'Planing flush'));
  c.amount('glue', 'Glue', glue);
  return step;
}

/** A decayed end cut off and new wood spliced on. */
export function woodSplice(c: Course): void {
  const { ledger } = c;
  const place = placeOf(c);
  const carries = c.matter.choice('loaded') === 'yes';
  const props = c.get(timberWork.figures.props);
  begin(c, place.area, undefined, carries ? () => c.work(propPiece(props), c.byCount('readySetUp', 'propEach', props, 'Propping')) : undefined);
  const section = c.matter.measure('sectionMm') ?? place.depth;
  const scarf = ledger.compute(scarfLength, { thicknessMm: section, slope: c.of('slope') });
  c.work(cutScarf(scarf, c.of('past'), c.of('slope')), c.byCount('readySetUp', 'insertEach', c.stated('Old and new', 'count', 2), 'Cutting the scarf'));
  const face = faceArea(c, scarf, section, 'Glued face');
  const piece = ledger.compute(
    acrossRim,
    { sizeMm: place.width.value >= place.height.value ? place.width : place.height, rimMm: c.of('past') },
    'New piece, without the scarf',
  );
  const long = ledger.compute(sumOf, { partMm: [piece, scarf] }, 'New piece with its scarf');
  const glueStep = glued(
    c,
    face,
    'splice',
    c.use('wood', 'Wood of the same section, length', 'wood', ledger.compute(lengthsInAll, { lengthMm: [long] }, 'New wood')),
  );
  c.amount('scarf', 'Scarf', scarf);
  c.amount('piece', 'New piece, without the scarf', piece);
  c.named = 'spliced';
  const [L, t] = [scarf.value, section.value];
  c.sections.push({
    view: 'section',
    caption: say`From the side, along the piece`,
    footnote: say`to scale`,
    extent: { left: -L * 0.75, right: L * 0.75, top: -t * 0.3, bottom: t * 1.25 },
    brokenBelow: false,
    regions: [
      {
        id: 'old',
        material: 'wood',
        outline: [
          [-L * 0.75, 0],
          [-L / 2, 0],
          [L / 2, t],
          [-L * 0.75, t],
        ],
      },
      {
        id: 'new',
        material: 'board',
        outline: [
          [-L / 2, 0],
          [L * 0.75, 0],
          [L * 0.75, t],
          [L / 2, t],
        ],
      },
    ],
    lines: [
      {
        id: 'scarf',
        line: 'film',
        points: [
          [-L / 2, 0],
          [L / 2, t],
        ],
      },
    ],
    dimensions: [{ id: 'scarf', along: 'x', from: [-L / 2, t], to: [L / 2, t], figure: scarf, side: 'below' }],
    notes: [
      { id: 'old', at: [-L * 0.6, t * 0.5], title: say`old, sound` },
      { id: 'new', at: [L * 0.6, t * 0.4], title: say`new, ends sealed`, detail: say`scarf ${c.of('slope')} to one` },
    ],
  });
  if (carries) {
    const full = c.curing(c.get(readyFor(c.system, undefined)), 'Carries after');
    c.atLeast(full, glueStep);
    const watched = c.get(timberWork.figures.watched);
    c.work(easeProps(full.minutes, watched), c.together([c.byCount('inHand', 'propEach', props, 'Turning them'), watched], 'Easing the props'));
  }
  end(c, ledger.compute(rimmedArea, { widthMm: piece, heightMm: section, rimMm: c.get(timberWork.figures.primedPast) }, 'Finished'), glueStep);
}
