import { batchesOf, withMixing } from '../batches.ts';
import { tubWork } from '../../shelf/usual/tubWork.ts';
import { meshArea, meshStrips } from '../../finishing/face.ts';
import { manyVolumes, acrossRim, rimmedArea } from '../../geometry/outline.ts';
import { frontView, layeredSection, rectangle, type Layer } from '../../geometry/layeredSection.ts';
import type { Region } from '../../geometry/section.ts';
import { massSum, liftThickness, massShare, volumeShare } from '../../geometry/groove.ts';
import { batchesInAll, coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { hardenerWeight, massOf, sumOf } from '../../mixing/proportions.ts';
import { layersOf } from '../../mixing/timber.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { glassMeshRepair } from '../../shelf/auxiliaries/glassMeshRepair.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import type { Course } from '../course.ts';
import { mixed } from '../parts.ts';
import { clearAway, layOut } from '../words/protecting.ts';
import { finishPull, ladder, laySupport, pushTest, putty, puttyFirm, scuffShell, trimHole } from '../words/tubbing.ts';
import { grit, placeOf, begin, end, dosed, matchIt, stopped, stoppedPicture } from './common.ts';

/** Fiber putty over mesh, in builds; then sanded and smoothed. */
export function fiberPutty(c: Course): void {
  const { ledger } = c;
  const onto = c.of('onto');
  begin(c, c.get(tubWork.figures.maskBuild));
  const [width, height] = placeOf(c);
  const crack = c.matter.measure('lengthMm');
  const recess = c.of('recess');
  if (crack) stopped(c, crack);
  else c.work(trimHole(recess, onto, 'mesh and putty'), c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Trimming'));
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: onto }, 'Covered with putty');
  c.work(scuffShell(c.get(tubWork.figures.scuffBuild), area, onto), c.byArea('readySetUp', 'scuffPerM2', area, 'Scuffing'));
  const lap = c.ofAuxiliary(glassMeshRepair, 'lap');
  const mesh = c.ofAuxiliary(glassMeshRepair, 'onto');
  const strips = ledger.compute(meshStrips, { sizeMm: height, marginMm: mesh, stripMm: c.get(tubWork.figures.strip), lapMm: lap });
  const shell = c.matter.measure('shellMm') ?? c.get(tubWork.figures.shell);
  const deep = crack ? c.get(tubWork.figures.vee) : recess;
  const first = c.of('first');
  const most = c.get(c.system.lift?.wall ?? tubWork.figures.build);
  const builds = ledger.compute(
    layersOf,
    { depthMm: ledger.compute(sumOf, { partMm: [deep, first] }, 'Built in all'), thickestMm: first.value < most.value ? first : most },
    'Builds',
  );
  const thickness = ledger.compute(liftThickness, { depthMm: deep, lifts: builds }, 'A build');
  const volume = mixed(
    c,
    ledger.compute(
      cutOutVolume,
      { cutMm2: area, depthMm: ledger.compute(sumOf, { partMm: [deep, c.of('proud')] }, 'With what stands proud') },
      'Putty to place',
    ),
    'Putty to mix',
  );
  const total = ledger.compute(massOf, { volumeMl: volume, densityKgL: c.of('density') }, 'Putty');
  const each = ledger.compute(massShare, { massG: total, parts: builds }, 'Putty for a build');
  const { dose, hardener } = dosed(c, each);
  const potLife = c.working(c.of('potLife'));
  // the mesh is there before the putty that holds it: that is worked for minutes only
  const [across, down] = [
    ledger.compute(acrossRim, { sizeMm: width, rimMm: mesh }, 'A strip across'),
    ledger.compute(acrossRim, { sizeMm: height, rimMm: mesh }, 'A strip down'),
  ];
  const stripArea = ledger.compute(meshArea, { strips, acrossMm: across, downMm: down, stripMm: c.get(tubWork.figures.strip) });
  c.work(laySupport(strips, lap, mesh), c.byCount('readySetUp', 'spotEach', strips, 'Laying mesh'), {
    uses: [c.use('mesh', 'Glass mesh, in strips', 'reinforcement', stripArea, glassMeshRepair.id)],
  });
  c.work(layOut(potLife, 'board, spreader, scale; the hardener weighed, not squeezed out by eye', c.resin), c.rate('readySetUp'));
  c.mix(
    'fiber',
    c.system.title,
    volume,
    [
      { what: 'Putty', role: 'resin', amount: total },
      { what: 'Hardener', role: 'hardener', amount: ledger.compute(hardenerWeight, { resinG: total, dosePct: dose }, 'Hardener in all') },
    ],
    { within: potLife, pace: 'puttyPerL', least: builds, care: 'polyester' },
    [say`${dose} hardener by weight: a tube may hold several times what one batch needs.`],
  );
  const sheet = c.system.figures?.['next'];
  const wait = sheet ? c.sheetOr(sheet, 'putty-builds', 'wait') : c.of('next');
  const next = c.curing(wait, 'Next build after');
  const build = ledger.compute(volumeShare, { volumeMl: volume, parts: builds }, 'A build');
  for (let n = 1; n <= builds.value; n++) {
    if (n > 1) c.wait(puttyFirm(next.minutes, 'the next build'), next);
    c.work(putty(n, builds, each, hardener, dose, n === 1 ? first : most, n === 1), c.byVolume('mixMin', 'puttyPerL', build, 'A build'), {
      lift: n,
      uses: [{ of: 'fiber', amount: build }],
    });
  }
  const last = c.lastStep;
  const sand = c.curing(c.of('sand'), 'Sanded after');
  if (c.isLast || !c.anyDoes('sprayed')) c.work(clearAway(potLife, 'leftovers spread thin to harden'), c.rate('cleanTools'));
  else matchIt(c);
  c.wait(puttyFirm(sand.minutes, 'sanding'), sand, last);
  c.work(ladder(grit(c, [80, 120]), c.get(tubWork.figures.fartherBuild), false), c.byArea('readySetUp', 'wetSandPerM2', area, 'Sanding'));
  const flex = c.system.flex?.max;
  c.work(pushTest(flex ? c.get(flex) : c.get(tubWork.figures.gives)), c.each('spotEach'));
  c.amount('putty', 'Fiber putty', total);
  c.amount('hardener', 'Hardener, each build', hardener);
  c.amount('strips', 'Strips of mesh, each way', strips);
  c.amount('strip-across', 'Cut to, across', across);
  c.amount('strip-down', 'Cut to, the other way', down);
  c.named = 'built up';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'shell',
      groundMm: shell.value,
      width: ledger.compute(acrossRim, { sizeMm: width, rimMm: onto }, 'Recessed'),
      depth: deep,
      layers: Array.from({ length: builds.value }, (_v, i): Layer => ({
        id: String(i + 1),
        material: 'laminate',
        lift: i + 1,
        thickness,
        title: i === 0 ? say`thin on mesh, gently` : say`build ${String(i + 1)}`,
      })),
      films: c.isLast ? [] : [{ id: 'finish', title: say`finish putty, then coats` }],
    }),
  );
  if (crack) stoppedPicture(c, crack);
  meshPicture(c, width, height, mesh, lap);
  if (c.isLast) end(c, last);
}

function meshPicture(c: Course, width: Figure, height: Figure, onto: Figure, lap: Figure): void {
  const [W, H, m] = [width.value, height.value, onto.value];
  const strip = 75,
    step = strip - lap.value;
  const regions: Region[] = [];
  for (let y = -m, i = 0; y < H + m; y += step, i++)
    regions.push({ id: `across-${String(i)}`, material: 'tape', outline: rectangle(-m, y, W + m, Math.min(H + m, y + strip)) });
  for (let x = -m, i = 0; x < W + m; x += step, i++)
    regions.push({ id: `down-${String(i)}`, material: 'laminate', outline: rectangle(x, -m * 0.6, Math.min(W + m, x + strip), H + m * 0.6) });
  regions.push({ id: 'place', material: 'hollow', outline: rectangle(0, 0, W, H) });
  c.sections.push(
    frontView({
      caption: say`From the front: mesh, one way and across`,
      ground: 'shell',
      widthMm: W,
      heightMm: H,
      marginMm: m * 2 + 10,
      regions,
      dimensions: [{ id: 'width', along: 'x', from: [0, H + m], to: [W, H + m], figure: width, side: 'below' }],
      notes: [{ id: 'lap', at: [W + m * 0.7, H * 0.2], title: say`strips lap ${lap}`, detail: say`${onto} onto sound shell` }],
    }),
  );
}

/** Fine putty over a build. */
export function finishPutty(c: Course): void {
  const { ledger } = c;
  const [width, height] = placeOf(c);
  begin(c, c.get(tubWork.figures.maskBuild));
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.of('past') }, 'Smoothed');
  const [pulls, film] = [c.of('pulls'), c.of('coat')];
  const volume = mixed(c, ledger.compute(coatVolume, { areaMm2: area, filmMm: film }, 'A pull'), 'Putty for a pull');
  const each = ledger.compute(massOf, { volumeMl: volume, densityKgL: c.of('density') }, 'Putty for a pull');
  const { dose, hardener } = dosed(c, each);
  const potLife = c.working(c.of('potLife'));
  const placing = c.byVolume('nothing', 'puttyPerL', volume, 'A pull');
  const { batches, needs } = batchesOf(c, placing, potLife, 'a pull');
  const share = (massG: Figure, label: string) => ledger.compute(massShare, { massG, parts: batches }, label);
  const pullsOf = (massG: Figure, label: string) => ledger.compute(massSum, { massG: Array.from({ length: pulls.value }, () => massG) }, label);
  c.keepMix({
    id: 'finish',
    title: c.system.title,
    total: ledger.compute(manyVolumes, { volumeMl: volume, count: pulls }, 'Finish putty'),
    batches: ledger.compute(batchesInAll, { each: Array.from({ length: pulls.value }, () => batches) }),
    within: potLife,
    needs,
    care: 'polyester',
    parts: [
      { what: 'Putty', role: 'resin', amount: pullsOf(each, 'Putty, all pulls'), each: share(each, 'Putty for one batch') },
      { what: 'Hardener', role: 'hardener', amount: pullsOf(hardener, 'Hardener, all pulls'), each: share(hardener, 'Hardener for one batch') },
    ],
    says: [say`${dose} hardener by weight, to one color.`],
  });
  const sand = c.curing(c.of('sand'), 'Sanded after');
  for (let n = 1; n <= pulls.value; n++) {
    if (n > 1) c.wait(puttyFirm(sand.minutes, 'the next pull'), sand);
    c.work(finishPull(n, pulls, each, hardener, film, batches), c.together([c.rate('mixMin'), withMixing(c, placing, batches, 'A pull')], 'A pull'), {
      lift: n,
      uses: [{ of: 'finish', amount: volume }],
    });
  }
  const last = c.lastStep;
  c.work(clearAway(potLife, 'board and spreader wiped before it sets'), c.rate('cleanTools'));
  c.wait(puttyFirm(sand.minutes, 'sanding'), sand, last);
  c.work(ladder(grit(c, [120, 180, 220, 320]), c.get(tubWork.figures.fartherFine), false), c.byArea('readySetUp', 'wetSandPerM2', area, 'Sanding'));
  c.amount('finish', 'Finish putty, each pull', each);
  c.amount('finish-cured', 'Finish putty cured through after', c.curing(c.get(readyFor(c.system, undefined)), 'Cured through after').minutes);
  if (c.isLast) end(c, last);
}
