import { rimmedArea } from '../../geometry/outline.ts';
import { frontView, rectangle, circle } from '../../geometry/layeredSection.ts';
import type { Region } from '../../geometry/section.ts';
import { coatVolume } from '../../mixing/mortarBatch.ts';
import { volumePart } from '../../mixing/proportions.ts';
import { holeBed, pocketFaces, shortHole, soakedWood, staggeredHoles } from '../../mixing/timber.ts';
import { say } from '../../quantity/saying.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import { type Course } from '../course.ts';
import { mixed, twoParts } from '../parts.ts';
import { layOut } from '../words/protecting.ts';
import { boreHoles, soakWood } from '../words/timbering.ts';
import { placeOf, begin, closeBack, fillerFrom } from './common.ts';

/** Soft wood soaked with thin resin through a bed of holes. */
export function consolidate(c: Course): void {
  const { ledger } = c;
  const place = placeOf(c);
  const [width, height] = c.matter.measure('lengthMm') ? [c.need('lengthMm'), place.width] : [place.width, place.height];
  begin(c, place.area);
  if (place.through) closeBack(c, place.depth);
  const section = c.need('sectionMm');
  const deep = ledger.compute(shortHole, { thicknessMm: section, pocketMm: place.depth, shortMm: c.of('short') });
  // a hole through has walls to brush; behind a pocket that leaves little no hole can be bored
  const holes =
    place.through || deep.value < c.of('hole').value ? undefined : ledger.compute(staggeredHoles, { widthMm: width, heightMm: height, apartMm: c.of('apart') });
  if (holes) c.work(boreHoles(holes, c.of('hole'), c.of('apart'), deep, c.of('short')), c.byCount('readySetUp', 'boreEach', holes, 'Boring'));
  const faces = ledger.compute(pocketFaces, {
    widthMm: width,
    heightMm: height,
    depthMm: place.depth,
    bottomMm2: place.through ? c.stated('No bottom', 'area', 0) : place.area,
  });
  const soaked =
    holes &&
    ledger.compute(soakedWood, {
      rimmedMm2: ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.of('rim') }, 'Soaked'),
      thicknessMm: section,
      faceMm2: place.area,
      pocketMm: place.depth,
    });
  const drunk = soaked
    ? ledger.compute(volumePart, { volumeMl: soaked, share: c.of('drinks') }, 'Wood drinks')
    : ledger.compute(coatVolume, { areaMm2: faces, filmMm: c.of('brushed') }, 'Walls drink');
  const resin = mixed(c, drunk, 'Consolidant to mix');
  const potLife = c.working(c.of('potLife'));
  c.work(
    layOut(potLife, holes ? 'nozzle bottles, brushes; no rain due and no frost within the cure' : 'brushes; no rain due and no frost within the cure', c.resin),
    c.rate('readySetUp'),
  );
  const soaking = c.byArea('nothing', 'soakPerM2', faces, 'Soaking');
  c.mix('consolidant', c.system.title, resin, twoParts(c, resin, c.of('partB')), { within: potLife, pace: soaking, care: 'epoxy' }, [
    say`Equal parts, stirred slowly; several small cups: a full one heats and thickens.`,
  ]);
  c.work(
    soakWood(
      resin,
      potLife,
      c.curing(c.get(readyFor(c.system, undefined)), 'Consolidant hard after').minutes,
      c.isLast ? undefined : fillerFrom(c),
      holes !== undefined,
      soaked && {
        runsOut: ledger.compute(volumePart, { volumeMl: drunk, share: c.of('runsOut') }, 'Runs out above'),
        gone: ledger.compute(volumePart, { volumeMl: soaked, share: c.of('gone') }, 'Too far gone above'),
      },
    ),
    soaking,
    { uses: [{ of: 'consolidant', amount: resin }] },
  );
  c.amount('holes', 'Holes', holes);
  c.amount('consolidant', 'Consolidant', resin);
  const [W, H] = [width.value, height.value];
  const bed = holes ? holeBed(W, H, c.of('apart').value) : [];
  const regions: Region[] = [
    { id: 'soft', material: 'hollow', outline: rectangle(0, 0, W, H) },
    ...bed.map(([x, y], i): Region => ({ id: `hole-${String(i + 1)}`, material: 'bar', outline: circle(x, y, c.of('hole').value / 2) })),
  ];
  const note = holes
    ? { title: say`${holes} holes, ${c.of('apart')} apart`, detail: say`staggered, ${deep} deep` }
    : { title: say`walls brushed all round`, detail: say`no holes: ${faces} of sound wood` };
  c.sections.push(
    frontView({
      caption: holes ? say`From the front: bed of holes` : say`From the front`,
      ground: 'wood',
      widthMm: W,
      heightMm: H,
      regions,
      dimensions: [{ id: 'width', along: 'x', from: [0, H], to: [W, H], figure: width, side: 'below' }],
      notes: [{ id: 'holes', at: [W * 0.5, H * 0.5], ...note }],
    }),
  );
  c.named = 'hardened';
}
