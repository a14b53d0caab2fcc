import { settingWorkingTime } from '../../climate/drying.ts';
import { backerLength, dabCount, dabVolume, openingToFraming, sawStop, tapeLength, twice } from '../../finishing/board.ts';
import { paintNeeded, plugBlank, plugOpening, screwCount } from '../../finishing/face.ts';
import { acrossRim, rimmedArea, stripArea } from '../../geometry/outline.ts';
import { frontView, layeredSection, rectangle } from '../../geometry/layeredSection.ts';
import type { Dimension, Note, Region } from '../../geometry/section.ts';
import { volumeSum } from '../../geometry/groove.ts';
import { coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { durationSum } from '../../mixing/workPace.ts';
import { sumOf } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { gypsumBacker } from '../../shelf/auxiliaries/gypsumBacker.ts';
import { tapePaper } from '../../shelf/auxiliaries/tapePaper.ts';
import { woodBacker } from '../../shelf/auxiliaries/woodBacker.ts';
import type { Course } from '../course.ts';
import { mixed, sides } from '../parts.ts';
import {
  backPatch,
  bedTape,
  compoundSets,
  cutOpening,
  cutPlug,
  dabPatch,
  drawCoat,
  dullFace,
  membrane,
  openToFrame,
  prefillGaps,
  pressMesh,
  screwBacker,
  screwPatch,
  setPlug,
  waterTest,
} from '../words/boarding.ts';
import { waitHard, waitLayer } from '../words/placing.ts';
import { clearAway, layOut, putAway } from '../words/protecting.ts';
import { inUse, paintDry } from '../words/finishing.ts';
import { coatsFor, feather, levelOf, settle, smoothe, wideningCoats, workCoats } from './compound.ts';
import { cover, finishBoard } from './fill.ts';

const shines = (c: Course) => ['gloss', 'eggshell'].includes(c.matter.choice('paint') ?? '');

/** A plug or patch that stands a little proud: coats that run its hump out. */
function runOutHump(
  c: Course,
  width: Figure,
  height: Figure,
  rim: Figure,
  more: readonly Figure[],
): { readonly area: Figure; readonly widths: readonly Figure[] } {
  const level = levelOf(c);
  const coats = coatsFor(c, level);
  const past = feather(c, c.of('hump'));
  const size = width.value >= height.value ? width : height;
  const first = c.ledger.compute(acrossRim, { sizeMm: size, rimMm: rim }, 'Over the edge');
  const school = c.does('feathers-joints') ? c.school('joint-width', 'width') : undefined;
  const run = c.ledger.compute(acrossRim, { sizeMm: first, rimMm: past }, 'Last coat');
  const last = school && school.value > run.value - size.value ? c.ledger.compute(sumOf, { partMm: [size, school] }, 'Last coat') : run;
  const wide = wideningCoats(c, {
    first: c.ledger.compute(acrossRim, { sizeMm: first, rimMm: c.usual('First coat past it', 'depth', 25) }, 'First coat'),
    last,
    coats,
    thin: c.of('thin'),
    spot: { width, height, count: undefined },
  });
  c.amount('compound', 'Compound in all', c.ledger.compute(volumeSum, { volumeMl: [...more, ...wide.volumes] }, 'Compound in all'));
  c.amount('feather', 'Hump run out, each side', past);
  workCoats(c, wide, coats, c.of('thin'), 'settled', () => c.byCount('nothing', 'spotEach', c.usual('Sides', 'count', 4), 'A coat around'));
  smoothe(c, c.usual('Past the coat', 'depth', 50), c.byArea('vacuumSetUp', 'sandPerM2', wide.area, 'Sanding'));
  return wide;
}

function set(c: Course): void {
  const hard = c.of('hard');
  c.wait(compoundSets(hard), c.fixed(hard));
}

const films = (widths: readonly Figure[]) => widths.map((w, i) => ({ id: `coat-${String(i + 1)}`, title: say`coat ${String(i + 1)}, ${w} across`, across: w }));

/** A plug of board with a flange of its own paper. */
export function boardPlug(c: Course): void {
  const { ledger } = c;
  const [width, height] = sides(c);
  const board = c.matter.measure('boardMm') ?? c.usual('Thickness of the board', 'depth', 12.7);
  const gap = c.school('plug-gap', 'gap') ?? c.usual('Gap on each side, snug', 'depth', 0.5);
  const flange = c.of('flange');
  cover(c);
  const [blankW, blankH] = [width, height].map((coreMm) => ledger.compute(plugBlank, { coreMm, flangeMm: flange }));
  const [openW, openH] = [width, height].map((coreMm) => ledger.compute(plugOpening, { coreMm, gapMm: gap }));
  if (!blankW || !blankH || !openW || !openH) return;
  c.work(cutPlug(width, height, blankW, blankH, flange), c.each('fitEach'));
  const stop = ledger.compute(sawStop, { boardMm: board, moreMm: c.of('saw') });
  c.work(
    cutOpening(openW, openH, stop, say`core and ${gap} on each side`),
    c.byCount('readySetUp', 'spotEach', c.usual('Sides', 'count', 4), 'Cutting the opening'),
  );
  c.work(dullFace(c.usual('Past the flange', 'depth', 100), shines(c), false), c.each('spotEach'));
  const bed = c.of('bed');
  const under = mixed(
    c,
    ledger.compute(coatVolume, { areaMm2: ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: flange }, 'Under the flange'), filmMm: bed }),
    'Compound under the flange',
  );
  const working = ledger.compute(settingWorkingTime, { namedMin: c.of('set') });
  c.work(layOut(working, 'setting compound, pan, knife; the plug beside it, the right way up'), c.rate('readySetUp'));
  c.mix('bed', 'Setting compound, to bed it', under, [{ what: 'Setting compound', amount: under }], { within: working, pace: 'compoundPerL' }, [
    say`Named by forty-five minutes or more: the plug is set in no hurry.`,
  ]);
  c.work(setPlug(bed, under), c.byCount('mixMin', 'spotEach', c.usual('Sides', 'count', 4), 'Bedding the plug'));
  set(c);
  const wide = runOutHump(c, width, height, flange, [under]);
  c.work(putAway(), c.rate('tidy'));
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
  c.work(dullFace(c.usual('Past the mesh', 'depth', 100), shines(c), true), c.byCount('vacuumSetUp', 'spotEach', c.rate('once'), 'Trimming'));
  const [w, h] = [width, height].map((sizeMm) => ledger.compute(acrossRim, { sizeMm, rimMm: past }, 'Patch'));
  if (!w || !h) return;
  c.work(pressMesh(w, h, past), c.each('spotEach'));
  const bed = c.of('bed');
  const first = mixed(
    c,
    ledger.compute(coatVolume, {
      areaMm2: ledger.compute(rimmedArea, { widthMm: w, heightMm: h, rimMm: c.usual('First coat past it', 'depth', 25) }, 'First coat'),
      filmMm: bed,
    }),
    'Setting compound, first coat',
  );
  const hard = c.usual('Setting compound hard after', 'duration', 80);
  c.mix(
    'first',
    'Setting compound, first coat',
    first,
    [{ what: 'Setting compound', amount: first }],
    { within: c.usual('Setting compound worked for', 'duration', 27), pace: 'compoundPerL' },
    [say`Setting compound only: drying compound does not hold on mesh.`],
  );
  const across = ledger.compute(acrossRim, { sizeMm: w.value >= h.value ? w : h, rimMm: c.usual('First coat past it', 'depth', 25) }, 'First coat');
  c.work(
    drawCoat(1, c.usual('Over the mesh', 'count', 1), across, c.usual('Knife', 'depth', 150), first),
    c.byCount('mixMin', 'spotEach', c.rate('once'), 'First coat'),
  );
  c.wait(compoundSets(hard), c.fixed(hard));
  const wide = runOutHump(c, w, h, c.usual('First coat past it', 'depth', 25), [first]);
  c.work(putAway(), c.rate('tidy'));
  c.amount('mesh', 'Mesh patch, width', w);
  c.amount('meshHeight', 'Mesh patch, height', h);
  c.named = 'meshed';
  const board = c.matter.measure('boardMm') ?? c.usual('Thickness of the board', 'depth', 12.7);
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

/** A patch of board on framing, or on a backer. */
export function boardPatch(c: Course): void {
  const { ledger } = c;
  const [foundW, foundH] = sides(c);
  const board = c.matter.measure('boardMm') ?? c.matter.measure('thicknessMm') ?? c.usual('Thickness of the board', 'depth', 12.7);
  const soft = c.matter.measure('softMm');
  const spacing = c.matter.measure('framingMm') ?? c.usual('Spacing of the framing', 'length', 406);
  const rated = c.matter.choice('rated') === 'yes';
  const backer = !rated && (c.school('patch-edges', 'backers')?.value ?? 0) > 0;
  const [damagedW, damagedH] = soft
    ? [foundW, foundH].map((sizeMm) => ledger.compute(acrossRim, { sizeMm, rimMm: soft }, 'With the soft margin'))
    : [foundW, foundH];
  if (!damagedW || !damagedH) return;
  const width = backer ? damagedW : ledger.compute(openingToFraming, { damageMm: damagedW, spacingMm: spacing });
  const height = damagedH;
  cover(c);
  const stop = ledger.compute(sawStop, { boardMm: board, moreMm: c.usual('Saw set deeper by', 'depth', 3) });
  c.work(
    cutOpening(
      width,
      height,
      stop,
      backer ? say`square, past what is damaged${soft ? say` and soft, ${soft}` : ''}` : say`to the middle of a member on both sides, members ${spacing} apart`,
    ),
    c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Cutting the opening'),
  );
  const thick = c.ofAuxiliary(woodBacker, 'thickness');
  const past = c.ofAuxiliary(woodBacker, 'past');
  const backers = c.usual('Backers', 'count', 2);
  const long = ledger.compute(backerLength, { openingMm: backer ? height : width, bearingMm: past });
  const masonry = c.matter.choice('frame') === 'other';
  if (!masonry) c.work(backPatch(backers, long, thick, c.of('bearing'), !backer), c.byCount('readySetUp', 'fitEach', backers, 'Backing'));
  c.amount('backer', 'Backer, each', long);
  c.amount('opening', 'Opening, width', width);
  c.amount('openingHeight', 'Opening, height', height);
  if (masonry) {
    const apart = c.ofAuxiliary(gypsumBacker, 'daubs');
    const dabs = ledger.compute(dabCount, { widthMm: width, heightMm: height, spacingMm: apart, edgeMm: c.usual('From the edge', 'depth', 50) });
    const volume = ledger.compute(dabVolume, {
      dabs,
      acrossMm: c.usual('Across a dab when pressed', 'depth', 100),
      thickMm: c.usual('Dab when pressed', 'depth', 10),
    });
    c.work(dabPatch(dabs, volume, apart), c.byCount('mixMin', 'spotEach', dabs, 'Setting the board'));
    c.amount('dabs', 'Dabs', dabs);
  } else {
    const each = ledger.compute(screwCount, { lengthMm: height, spacingMm: c.of('screws'), endMm: c.of('end') }, 'Screws along an edge');
    const screws = ledger.compute(twice, { count: each }, 'Screws');
    c.work(screwPatch(width, height, screws, c.of('screws'), c.of('end'), c.of('flush')), c.byCount('fitEach', 'screwEach', screws, 'Fitting the board'));
    c.amount('screws', 'Screws', screws);
    c.amount('screw', 'Length of a screw', c.of('screw'));
  }
  const tape = ledger.compute(tapeLength, { widthMm: width, heightMm: height, lapMm: c.usual('Lap at a corner', 'depth', 25) });
  const gapVolume = mixed(
    c,
    ledger.compute(cutOutVolume, { cutMm2: ledger.compute(stripArea, { lengthMm: tape, widthMm: c.of('gap') }), depthMm: board }),
    'Compound in the gaps',
  );
  const working = ledger.compute(settingWorkingTime, { namedMin: c.of('set') });
  c.work(layOut(working, 'setting compound, tape cut to four lengths, knives from narrow to wide'), c.rate('readySetUp'));
  c.mix('prefill', 'Setting compound, prefill', gapVolume, [{ what: 'Setting compound', amount: gapVolume }], { within: working, pace: 'compoundPerL' }, [
    say`Hard before the tape.`,
  ]);
  c.work(prefillGaps(c.of('gap'), gapVolume), c.byLength('mixMin', 'coatPace', tape, 'Prefilling'));
  set(c);
  const bed = c.of('bed');
  const tapeWidth = c.ofAuxiliary(tapePaper, 'width');
  const bedding = mixed(
    c,
    ledger.compute(coatVolume, { areaMm2: ledger.compute(stripArea, { lengthMm: tape, widthMm: tapeWidth }), filmMm: bed }),
    'Compound under the tape',
  );
  c.work(bedTape(tape, tapeWidth, bed, bedding, 'paper'), c.byLength('nothing', 'bedPace', tape, 'Bedding tape'));
  settle(c, bed, 'coat', true);
  c.amount('tape', 'Paper tape', tape);
  const wide = runOutHump(c, width, height, c.usual('Tape past the joint', 'depth', 26), [gapVolume, bedding]);
  c.work(putAway(), c.rate('tidy'));
  c.named = backer ? 'patched on backers' : masonry ? 'patched on dabs' : 'patched on framing';
  const [W, H] = [width.value, height.value];
  const frame = 38;
  const regions: Region[] = [];
  if (!masonry && !backer)
    [0, W].forEach((x, i) =>
      regions.push({ id: `stud-${String(i + 1)}`, material: 'frame', outline: rectangle(x - frame / 2, -H * 0.2, x + frame / 2, H * 1.2) }),
    );
  if (!masonry) {
    const t = 64;
    const places = backer
      ? [0, W].map((x) => rectangle(x - t / 2, -past.value, x + t / 2, H + past.value))
      : [0, H].map((y) => rectangle(frame / 2, y - t / 2, W - frame / 2, y + t / 2));
    places.forEach((outline, i) => regions.push({ id: `backer-${String(i + 1)}`, material: 'wood', outline }));
  }
  regions.push({ id: 'patch', material: 'compound', outline: rectangle(0, 0, W, H) });
  const notes: Note[] = [
    {
      id: 'patch',
      at: [W * 0.5, H * 0.5],
      title: say`patch, ${board} board`,
      detail: masonry ? say`on dabs, no screws` : say`screws no more than ${c.of('screws')} apart`,
    },
    {
      id: 'back',
      at: [W, backer ? -past.value / 2 : H * 1.1],
      title: backer ? say`backer, ${past} past each end` : say`middle of a member`,
      detail: say`${c.of('bearing')} bears`,
    },
  ];
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'board',
      ...(!masonry && { behind: { material: 'wood' as const, thicknessMm: thick.value, title: say`${backer ? 'backer' : 'cleat or member'}, ${thick}` } }),
      width,
      depth: board,
      groundMm: board.value,
      layers: [{ id: 'board', material: 'board', thickness: board, title: say`new board, flush within ${c.of('flush')}` }],
      films: [
        {
          id: 'tape',
          title: say`paper tape over prefilled gaps`,
          across: ledger.compute(acrossRim, { sizeMm: width, rimMm: c.usual('Half the tape', 'depth', 26) }, 'Over the tape'),
          material: 'tape',
        },
        ...films(wide.widths),
      ],
    }),
    frontView({
      caption: say`From the front: opening, framing, backing`,
      ground: 'board',
      widthMm: W,
      heightMm: H,
      marginMm: Math.max(W, H) * 0.22,
      regions,
      dimensions: [
        { id: 'width', along: 'x', from: [0, H], to: [W, H], figure: width, side: 'below' },
        { id: 'height', along: 'y', from: [W, 0], to: [W, H], figure: height, side: 'right' },
      ],
      notes,
    }),
  );
  finishBoard(c, wide.area);
}

/** Behind tile in a wet place: cement backer and a membrane. */
export function wetWall(c: Course): void {
  const { ledger } = c;
  const [foundW, foundH] = sides(c);
  const spacing = c.matter.measure('framingMm') ?? c.usual('Spacing of the framing', 'length', 406);
  const width = ledger.compute(openingToFraming, { damageMm: foundW, spacingMm: spacing });
  const height = foundH;
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.usual('No rim', 'depth', 0) }, 'Opened');
  cover(c);
  c.work(openToFrame(width, height), c.byArea('chipSetUp', 'takeDownPerM2', area, 'Opening'));
  const edge = ledger.compute(screwCount, { lengthMm: height, spacingMm: c.of('screws'), endMm: c.usual('From the end', 'depth', 15) }, 'Screws along an edge');
  const screws = ledger.compute(twice, { count: edge }, 'Screws');
  c.work(screwBacker(screws, c.of('screws'), c.of('gap')), c.byCount('fitEach', 'screwEach', screws, 'Screwing backer on'));
  const mortar = c.fixed(c.of('mortarSet'));
  c.wait(waitHard(mortar.minutes, c.groundC), mortar);
  const coats = c.of('coats');
  const lap = c.of('lap');
  const lapped = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: lap }, 'Membrane, lapped');
  const each = ledger.compute(
    paintNeeded,
    {
      areaMm2: lapped,
      coats: c.usual('One coat', 'count', 1),
      dryMm: c.of('coat'),
      solidsPct: c.of('solids'),
      transferPct: c.usual('Reaches the face', 'percent', 95),
      wastePct: c.usual('Stays in the pot', 'percent', 10),
    },
    'Membrane, a coat',
  );
  const dry = c.of('dry');
  for (let n = 1; n <= coats.value; n++) {
    if (n > 1) c.wait(waitLayer(dry, 'One even dark color; a fingertip leaves no mark.', 'coat'), c.fixed(dry));
    c.work(membrane(n, coats, each, lap), c.byArea('paintSetUp', 'skimPerM2', lapped, 'A coat of membrane'), { lift: n });
  }
  const last = c.last;
  c.wait(paintDry(dry, 'membrane'), c.fixed(dry));
  c.work(waterTest(c.of('test')), c.rate('readySetUp'));
  c.work(clearAway(c.usual('Before it skins', 'duration', 20), 'roller and brush washed'), c.rate('tidy'));
  const ready = c.fixed(ledger.compute(durationSum, { durationMin: [dry, c.of('test')] }, 'Tile from'));
  c.ready(inUse('tile', ready.minutes, 'Dry behind after the test.'), ready, last);
  c.amount('area', 'Backer board', area);
  c.amount('screws', 'Screws', screws);
  c.amount('membrane', 'Membrane, a coat', each);
  c.amount('bearing', 'Bearing on the frame', c.of('bearing'));
  c.named = 'opened to the frame';
  const thick = c.usual('Backer board', 'depth', 12.7);
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the wet face on top`,
      ground: 'board',
      behind: { material: 'frame', thicknessMm: 38, title: say`dry sound framing` },
      width,
      depth: thick,
      groundMm: thick.value,
      layers: [{ id: 'backer', material: 'mortar', thickness: thick, title: say`cement backer, screwed` }],
      films: Array.from({ length: coats.value }, (_v, i) => ({
        id: `membrane-${String(i + 1)}`,
        title: say`membrane ${String(i + 1)}`,
        detail: say`lapped ${lap} onto the old`,
        across: ledger.compute(acrossRim, { sizeMm: width, rimMm: lap }, 'Lapped'),
      })),
    }),
  );
}
