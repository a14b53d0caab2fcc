import { boardWork } from '../../shelf/usual/boardWork.ts';
import { mixSetting, films } from './compound.ts';
import { settingWorkingTime } from '../../climate/drying.ts';
import { sawStop } from '../../finishing/board.ts';
import { plugBlank, plugOpening } from '../../finishing/face.ts';
import { acrossRim, rimmedArea } from '../../geometry/outline.ts';
import { frontView, layeredSection, rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Note, Region } from '../../geometry/section.ts';
import { coatVolume } from '../../mixing/mortarBatch.ts';
import { say } from '../../quantity/saying.ts';
import { settingCompound45 } from '../../shelf/systems/settingCompound45.ts';
import type { Course } from '../course.ts';
import { faceArea, mixed, sides } from '../parts.ts';
import { cutOpening, cutPlug, drawCoat, dullFace, pressMesh, setPlug } from '../words/boarding.ts';
import { layOut } from '../words/protecting.ts';
import { cover, finishBoard } from './fill.ts';
import { shines, runOutHump, settleBed } from './patchCoats.ts';

/** A plug of board with a flange of its own paper. */
export function boardPlug(c: Course): void {
  const { ledger } = c;
  const [width, height] = sides(c);
  const board = c.matter.measure('boardMm') ?? c.get(boardWork.figures.board);
  const gap = c.school('plug-gap', 'gap') ?? c.get(boardWork.figures.snug);
  const flange = c.of('flange');
  cover(c);
  const [blankW, blankH] = [width, height].map((coreMm) => ledger.compute(plugBlank, { coreMm, flangeMm: flange }));
  const [openW, openH] = [width, height].map((coreMm) => ledger.compute(plugOpening, { coreMm, gapMm: gap }));
  if (!blankW || !blankH || !openW || !openH) return;
  const blank = faceArea(c, blankW, blankH, 'Board to cut');
  c.work(cutPlug(width, height, blankW, blankH, flange), c.each('fitEach'), { uses: [c.use('board', 'Board of the same thickness', 'board', blank)] });
  const stop = ledger.compute(sawStop, { boardMm: board, moreMm: c.of('saw') });
  c.work(
    cutOpening(openW, openH, stop, say`core and ${gap} on each side`),
    c.byCount('readySetUp', 'spotEach', c.stated('Sides', 'count', 4), 'Cutting the opening'),
  );
  c.work(dullFace(c.get(boardWork.figures.dulledPastFlange), shines(c), false), c.each('spotEach'));
  const bed = c.of('bed');
  const under = mixed(
    c,
    ledger.compute(coatVolume, { areaMm2: ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: flange }, 'Under the flange'), filmMm: bed }),
    'Compound under the flange',
  );
  const working = ledger.compute(settingWorkingTime, { namedMin: c.of('set') });
  c.work(layOut(working, 'setting compound, pan, knife; the plug beside it, the right way up', c.resin), c.rate('readySetUp'));
  const bedding = mixSetting(c, {
    id: 'bed',
    title: 'Setting compound, to bed it',
    volume: under,
    named: c.of('set'),
    pace: 'compoundPerL',
    says: say`Named by forty-five minutes or more: the plug is set in no hurry.`,
  });
  c.work(setPlug(bed, under), c.byCount('nothing', 'spotEach', c.stated('Sides', 'count', 4), 'Bedding the plug'), { uses: [{ of: 'bed', amount: bedding }] });
  settleBed(c, bed, true, c.of('hard'));
  const wide = runOutHump(c, width, height, flange, [under]);
  c.amount('blank', 'Board to cut, width', blankW);
  c.amount('blankHeight', 'Board to cut, height', blankH);
  c.amount('opening', 'Opening, width', openW);
  c.amount('openingHeight', 'Opening, height', openH);
  c.amount('stop', 'Saw set to', stop);
  c.named = 'plugged';
  const [W, H, F] = [openW.value, openH.value, flange.value - gap.value];
  const regions: Region[] = [
    { id: 'flange', material: 'tape', outline: rectangle(-F, -F, W + F, H + F) },
    { id: 'gap', material: 'open', outline: rectangle(0, 0, W, H) },
    { id: 'core', material: 'compound', outline: rectangle(gap.value, gap.value, W - gap.value, H - gap.value) },
  ];
  const dimensions: Dimension[] = [
    { id: 'opening', along: 'x', from: [0, H + F], to: [W, H + F], figure: openW, side: 'below' },
    { id: 'openingHeight', along: 'y', from: [W + F, 0], to: [W + F, H], figure: openH, side: 'right' },
  ];
  const notes: Note[] = [
    { id: 'gap', at: [W, H * 0.3], title: say`gap of ${gap} on each side`, detail: say`opening = core and two gaps` },
    { id: 'flange', at: [W + F * 0.6, H * 0.75], title: say`flange, ${flange} of paper`, detail: say`blank ${blankW} by ${blankH}` },
  ];
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'board',
      width: openW,
      depth: board,
      groundMm: board.value,
      layers: [{ id: 'core', material: 'board', thickness: board, title: say`core of board, edges buttered` }],
      films: [{ id: 'flange', title: say`flange in ${bed} of compound`, across: blankW, material: 'tape' }, ...films(wide.widths)],
    }),
    frontView({
      caption: say`From the front, paper drawn transparent`,
      ground: 'board',
      widthMm: W,
      heightMm: H,
      marginMm: F * 1.7,
      regions,
      dimensions,
      notes,
    }),
  );
  finishBoard(c, wide.area);
}

/** A metal or glass mesh over a small hole. */
export function meshPatch(c: Course): void {
  const { ledger } = c;
  const [width, height] = sides(c);
  const past = c.of('past');
  cover(c);
  c.work(dullFace(c.get(boardWork.figures.dulledPastMesh), shines(c), true), c.byCount('vacuumSetUp', 'spotEach', c.rate('once'), 'Trimming'));
  const [w, h] = [width, height].map((sizeMm) => ledger.compute(acrossRim, { sizeMm, rimMm: past }, 'Patch'));
  if (!w || !h) return;
  c.work(pressMesh(w, h, past), c.each('spotEach'), {
    uses: [c.use('mesh', 'Mesh patch', 'reinforcement', faceArea(c, w, h, 'Mesh patch'))],
  });
  const bed = c.of('bed');
  const first = mixed(
    c,
    ledger.compute(coatVolume, {
      areaMm2: ledger.compute(rimmedArea, { widthMm: w, heightMm: h, rimMm: c.get(boardWork.figures.firstPast) }, 'First coat'),
      filmMm: bed,
    }),
    'Setting compound, first coat',
  );
  const hard = c.get(settingCompound45.figures.hard);
  const firstMix = mixSetting(c, {
    id: 'first',
    title: 'Setting compound, first coat',
    volume: first,
    named: c.get(settingCompound45.figures.named),
    pace: 'compoundPerL',
    says: say`Setting compound only: drying compound does not hold on mesh.`,
  });
  const across = ledger.compute(acrossRim, { sizeMm: w.value >= h.value ? w : h, rimMm: c.get(boardWork.figures.firstPast) }, 'First coat');
  c.work(
    drawCoat(1, c.stated('Over the mesh', 'count', 1), across, c.get(boardWork.figures.meshKnife), first),
    c.byCount('nothing', 'spotEach', c.rate('once'), 'First coat'),
    { uses: [{ of: 'first', amount: firstMix }] },
  );
  settleBed(c, bed, false, hard);
  const wide = runOutHump(c, w, h, c.get(boardWork.figures.firstPast), [first]);
  c.amount('mesh', 'Mesh patch, width', w);
  c.amount('meshHeight', 'Mesh patch, height', h);
  c.named = 'meshed';
  const board = c.matter.measure('boardMm') ?? c.get(boardWork.figures.board);
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'board',
      width,
      depth: board,
      groundMm: board.value,
      layers: [{ id: 'air', material: 'open', thickness: board, title: say`the hole stays hollow` }],
      films: [{ id: 'mesh', title: say`mesh, ${past} past the hole`, across: w, material: 'tape' }, ...films(wide.widths)],
    }),
  );
  finishBoard(c, wide.area);
}
