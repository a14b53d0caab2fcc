import { timesDuration } from '../../cure/reaction.ts';
import { flashTime, meshStrips, paintNeeded } from '../../finishing/face.ts';
import { jarCount } from '../../finishing/spray.ts';
import { acrossRim, manyVolumes, rimmedArea } from '../../geometry/outline.ts';
import { frontView, layeredSection, rectangle, type Layer } from '../../geometry/layeredSection.ts';
import type { Region } from '../../geometry/section.ts';
import { liftThickness, massShare, massSum, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { foamLiquid } from '../../injection/ports.ts';
import { packsOf } from '../../mixing/cartridges.ts';
import { coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { hardenerDrops, ribbonLength, hardenerWeight, massOf, partOfMix, partsInAll, pastePeroxide, sumOf, volumePart } from '../../mixing/proportions.ts';
import { layersOf } from '../../mixing/timber.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { adhesionPromoter } from '../../shelf/auxiliaries/adhesionPromoter.ts';
import { glassMeshRepair } from '../../shelf/auxiliaries/glassMeshRepair.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import type { Course } from '../course.ts';
import { longer, mixed, sides, twoParts } from '../parts.ts';
import { inUse } from '../words/finishing.ts';
import { clearAway, layOut, putAway } from '../words/protecting.ts';
import {
  cleanTub,
  enamelCoat,
  finishPull,
  flash,
  gelPaste,
  grindRust,
  ladder,
  layMat,
  laySupport,
  leakTest,
  loadJar,
  maskTub,
  matchColor,
  mistCoat,
  pickNick,
  polish,
  promoter,
  pushTest,
  putty,
  puttyFirm,
  scuffShell,
  shellCures,
  stopCrack,
  supportShell,
  trimHole,
  warmTub,
} from '../words/tubbing.ts';

const grit = (c: Course, values: readonly number[]) => values.map((v) => c.usual(`P${String(v)}`, 'count', v, 'fepa-43'));

/** Width and height of the place; a crack is as wide as the vee that it is opened to. */
function placeOf(c: Course): readonly [Figure, Figure] {
  const length = c.matter.measure('lengthMm');
  return length ? [length, c.usual('Crack opened to', 'depth', 5)] : sides(c);
}

/** Washing, warming and masking, once. */
function begin(c: Course, past: Figure): void {
  if (!c.once('tub')) return;
  const shell = c.matter.choice('shell');
  const acetone = (shell === 'gelcoat' || shell === 'enamel') && (c.school('tub-cleaner', 'acetone')?.value ?? 0) > 0;
  const dry = c.usual('Dry before work', 'duration', c.matter.choice('drip') === 'yes' ? 2880 : 1440);
  const mask = () => c.work(maskTub(past, (c.school('tub-masking', 'byHand')?.value ?? 0) === 0), c.rate('maskTub'));
  const maskFirst = c.school('clean-or-mask', 'maskFirst') !== undefined;
  if (maskFirst) mask();
  c.work(cleanTub(dry, c.matter.choice('silicone') === 'yes', c.matter.choice('drip') === 'yes', acetone ? 'acetone' : 'detergent'), c.rate('washTub'));
  c.atLeast(c.fixed(dry));
  // all that is worked in one go shares a room: the narrowest of their windows
  const coats = c.anyDoes('sprayed');
  const mins = [...c.matter.members.flatMap((m) => m.slabC.min ?? []), ...(coats ? [adhesionPromoter.slabC.min] : [])].sort((a, b) => b.value - a.value);
  const maxs = c.matter.members.flatMap((m) => m.slabC.max ?? []).sort((a, b) => a.value - b.value);
  mins.forEach((m) => c.get(m));
  c.work(
    warmTub(mins[0] ? c.get(mins[0]) : c.usual('At least', 'temperature', 18), maxs[0] ? c.get(maxs[0]) : c.usual('At most', 'temperature', 27)),
    c.rate('readySetUp'),
  );
  if (!maskFirst) mask();
}

function end(c: Course, after: string): void {
  const water = c.system.figures?.['water']
    ? c.curing(c.of('water'), 'Dry until')
    : c.curing(c.get('use' in c.system.ready ? c.system.ready.use : c.system.ready.foot), 'In use after');
  c.ready(leakTest(water.minutes, c.matter.choice('part') === 'floor', c.school('tub-use-between', 'dry')), water, after);
  c.ready(inUse('water', water.minutes, 'The retained sample is hard and does not smell.'), water, after);
}

/** Hardener for polyester by the room: nothing is dosed where it is too cold. */
function dosed(c: Course, resinG: Figure): { readonly dose: Figure; readonly hardener: Figure } {
  const byRoom = c.ledger.compute(pastePeroxide, { roomC: c.groundC });
  const school = c.school('hardener-dose', 'share');
  const dose = school && c.groundC.value >= 20 ? school : byRoom;
  const hardener = c.ledger.compute(hardenerWeight, { resinG, dosePct: dose });
  const ribbon = c.school('hardener-dose', 'ribbon');
  if (ribbon)
    c.amount(
      `ribbon-${c.system.id}`,
      'Ribbon of hardener, for one mix',
      c.ledger.compute(ribbonLength, { hardenerG: hardener, densityKgL: c.usual('Density of paste hardener', 'density', 1.1), ribbonMm: ribbon }),
    );
  return { dose, hardener };
}

/** A nick in gelcoat: picked to hold, filled a little proud, sanded wet and polished. */
export function gelcoatNick(c: Course): void {
  const { ledger } = c;
  const past = c.usual('Masked past it', 'depth', 15);
  begin(c, past);
  const [width, height] = placeOf(c);
  const least = c.system.depth.min ? c.get(c.system.depth.min) : c.usual('Least depth', 'depth', 1.5);
  c.work(pickNick(least), c.each('spotEach'));
  const depth = c.matter.subject.depth ?? least;
  const over = ledger.compute(
    coatVolume,
    { areaMm2: ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.usual('Over the edge', 'depth', 1) }, 'Face'), filmMm: c.of('over') },
    'Left above',
  );
  const placed = mixed(c, ledger.compute(volumeSum, { volumeMl: [c.need('void'), over] }, 'Paste to place'), 'Paste to mix');
  const batch = c.least(placed, 12);
  const paste = ledger.compute(massOf, { volumeMl: batch, densityKgL: c.of('density') }, 'Paste');
  const hardener = ledger.compute(hardenerWeight, { resinG: paste, dosePct: c.of('dose') });
  const drops = ledger.compute(hardenerDrops, { hardenerG: hardener, densityKgL: c.of('hardenerDensity'), dropsPerMl: c.of('dropsPerMl') });
  const potLife = c.working(c.of('potLife'));
  c.work(matchColor(c.usual('Additions', 'count', 6)), c.rate('matchColor'));
  c.work(layOut(potLife, 'card, stick, film, straightedge, tape already pulled tight'), c.rate('readySetUp'));
  c.mix(
    'paste',
    c.system.title,
    batch,
    [
      { what: 'Paste', amount: paste },
      { what: 'Hardener', amount: hardener },
    ],
    { within: potLife, pace: 'nothing' },
    [say`Hardener weighed, or in counted drops: ${drops}.`, say`Goggles: a splash of peroxide blinds.`],
  );
  c.work(gelPaste(paste, hardener, drops, c.of('over'), potLife), c.rate('mixMin'));
  const filled = c.last ?? 'gel-paste';
  const soft = c.working(c.of('soft'), 'Soft until');
  c.within(soft, say`It has hardened on the tape: cut along the edge before it is pulled.`);
  c.work(clearAway(soft, 'tape pulled while it is soft'), c.rate('tidy'));
  const hard = c.curing(c.of('hard'), 'Nail-hard after');
  c.wait(puttyFirm(hard.minutes, 'sanding'), hard, filled);
  polished(c, [400, 600, 800, 1200, 2000], c.usual('Each farther by', 'depth', 10), width, height);
  c.amount('paste', 'Gel paste', paste);
  c.amount('hardener', 'Hardener', hardener);
  c.amount('drops', 'Or drops', drops);
  c.named = 'filled and polished';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'shell',
      width,
      depth,
      proud: c.of('over'),
      shape: 'dish',
      layers: [{ id: '1', material: 'resin', lift: 1, thickness: depth, title: say`gel paste, left ${c.of('over')} above`, detail: say`sanded wet, polished` }],
    }),
  );
  end(c, filled);
}

/** Sanding wet through a ladder of grits and polishing what was sanded. */
function polished(c: Course, values: readonly number[], wider: Figure, width: Figure, height: Figure): void {
  const grits = grit(c, values);
  const rim = c.usual('Reach of the last grit', 'depth', wider.value * values.length);
  const area = c.ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: rim }, 'Sanded and polished');
  const each = c.byArea('readySetUp', 'wetSandPerM2', area, 'One grit');
  c.work(ladder(grits, wider, true), c.ledger.compute(timesDuration, { durationMin: each, times: c.usual('Grits', 'ratio', values.length) }, 'Wet-sanding'));
  c.work(
    polish(area, c.system.figures?.['speed'] ? c.of('speed') : c.usual('Turns a minute', 'count', 1500)),
    c.byArea('readySetUp', 'polishPerM2', area, 'Polishing'),
  );
  c.amount('polished', 'Sanded and polished', area);
  c.sections.push(
    frontView({
      caption: say`How far each grit reaches`,
      ground: 'shell',
      widthMm: width.value,
      heightMm: height.value,
      marginMm: rim.value * 1.15 + 2,
      regions: [
        ...values.map((_v, i): Region => {
          const r = wider.value * (values.length - i);
          return {
            id: `grit-${String(values.length - i)}`,
            material: i % 2 === 0 ? 'coat' : 'tape',
            outline: rectangle(-r, -r, width.value + r, height.value + r),
          };
        }),
        { id: 'place', material: 'resin', outline: rectangle(0, 0, width.value, height.value) },
      ],
      notes: grits.map((g, i) => ({ id: `grit-${String(i)}`, at: [width.value * 0.5, -wider.value * (i + 0.5)] as const, title: say`P${g}` })),
    }),
  );
}

/** Scratches in acrylic: sanded out wet and polished. */
export function polishOut(c: Course): void {
  begin(c, c.usual('Masked past it', 'depth', 100));
  const [width, height] = sides(c);
  const deep = c.matter.measure('depthMm');
  polished(c, deep && deep.value > 0.1 ? [400, 600, 800, 1200, 2000] : [600, 800, 1200, 2000], c.of('wider'), width, height);
  c.work(clearAway(c.of('test'), 'slurry rinsed off before it dries'), c.rate('tidy'));
  c.named = 'sanded and polished';
  if (deep)
    c.sections.unshift(
      layeredSection({
        caption: say`Cut through, the face on top`,
        ground: 'shell',
        width,
        depth: deep,
        shape: 'dish',
        layers: [
          { id: 'out', material: 'open', thickness: deep, title: say`sanded out, no deeper than ${deep}`, detail: say`blended wide, so that no dish is seen` },
        ],
      }),
    );
  end(c, 'polish');
}

/** Chips in enamel: rust ground to tight enamel, thin coats. */
export function enamelChips(c: Course): void {
  const { ledger } = c;
  begin(c, c.usual('Masked past it', 'depth', 20));
  const chips = c.matter.measure('chips') ?? c.usual('Chips', 'count', 1);
  const [width, height] = sides(c);
  c.work(grindRust(chips), c.byCount('readySetUp', 'sandEach', chips, 'Grinding'));
  c.work(matchColor(c.usual('Additions', 'count', 6)), c.rate('matchColor'));
  const [coats, film] = [c.of('coats'), c.of('coat')];
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.usual('Over the edge', 'depth', 1) }, 'One chip');
  const one = ledger.compute(
    volumePart,
    { volumeMl: ledger.compute(coatVolume, { areaMm2: area, filmMm: film }, 'One chip, a coat'), share: c.usual('Chips', 'ratio', chips.value) },
    'All chips, a coat',
  );
  const each = c.least(mixed(c, one, 'Enamel for a coat'), 3);
  const potLife = c.working(c.of('potLife'));
  const all = ledger.compute(manyVolumes, { volumeMl: each, count: coats }, 'Enamel, all coats');
  c.mix('enamel', c.system.title, all, twoParts(c, all, c.of('partB')), { within: potLife, pace: 'nothing', least: coats }, [
    say`Mixed anew for each coat, on a card; by weight where it is only drops.`,
  ]);
  const next = c.curing(c.of('next'), 'Between coats');
  for (let n = 1; n <= coats.value; n++) {
    if (n > 1) c.wait(puttyFirm(next.minutes, 'the next coat'), next);
    c.work(enamelCoat(n, coats, each, film), c.byCount('mixMin', 'spotEach', chips, 'A coat on the chips'), { lift: n });
  }
  const last = c.last ?? 'enamel-coat';
  c.work(clearAway(potLife, 'brush cleaned at once'), c.rate('tidy'));
  c.amount('enamel', 'Enamel, a coat', each);
  c.amount('coats', 'Coats', coats);
  c.named = 'ground and coated';
  const depth = c.matter.subject.depth ?? film;
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'shell',
      width,
      depth,
      shape: 'dish',
      behind: { material: 'bar', thicknessMm: Math.max(1.5, depth.value), title: say`iron or steel, bright` },
      groundMm: depth.value,
      layers: Array.from({ length: coats.value }, (_v, i): Layer => ({
        id: String(i + 1),
        material: 'coat',
        lift: i + 1,
        thickness: ledger.compute(liftThickness, { depthMm: depth, lifts: coats }, 'A coat'),
        title: say`coat ${String(i + 1)}`,
      })),
    }),
  );
  end(c, last);
}

/** Fiber putty over mesh, in builds; then sanded and smoothed. */
export function fiberPutty(c: Course): void {
  const { ledger } = c;
  const onto = c.of('onto');
  begin(c, c.usual('Masked past it', 'depth', 120));
  const [width, height] = placeOf(c);
  const crack = c.matter.measure('lengthMm');
  const recess = c.of('recess');
  if (crack)
    c.work(
      stopCrack(c.usual('Stop hole', 'depth', 4), c.usual('Opened to', 'depth', 5), crack),
      c.byLength('readySetUp', 'rakePace', crack, 'Stopping the crack'),
    );
  else c.work(trimHole(recess, onto), c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Trimming'));
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: onto }, 'Covered with putty');
  c.work(scuffShell(c.usual('Grit', 'count', 80, 'fepa-43'), area, onto), c.byArea('readySetUp', 'scuffPerM2', area, 'Scuffing'));
  const lap = c.ofAuxiliary(glassMeshRepair, 'lap');
  const mesh = c.ofAuxiliary(glassMeshRepair, 'onto');
  const strips = ledger.compute(meshStrips, { sizeMm: height, marginMm: mesh, stripMm: c.usual('Width of a strip', 'depth', 75), lapMm: lap });
  const shell = c.matter.measure('shellMm') ?? c.usual('Thickness of the shell', 'depth', 4);
  const deep = crack ? c.usual('Depth of the vee', 'depth', 3) : recess;
  const first = c.of('first');
  const most = c.system.lift?.wall ? c.get(c.system.lift.wall) : c.usual('Thickest build', 'depth', 4);
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
  c.work(laySupport(strips, lap, mesh), c.byCount('readySetUp', 'spotEach', strips, 'Laying mesh'));
  c.work(layOut(potLife, 'board, spreader, scale; the hardener weighed, not squeezed out by eye'), c.rate('readySetUp'));
  c.mix(
    'fiber',
    c.system.title,
    volume,
    [
      { what: 'Putty', amount: total },
      { what: 'Hardener', amount: ledger.compute(hardenerWeight, { resinG: total, dosePct: dose }, 'Hardener in all') },
    ],
    { within: potLife, pace: 'puttyPerL', least: builds },
    [say`${dose} hardener by weight: a tube may hold several times what one batch needs.`],
  );
  const sheet = c.system.figures?.['next'];
  const wait = sheet ? c.sheetOr(sheet, 'putty-builds', 'wait') : c.of('next');
  const next = c.curing(wait, 'Next build after');
  for (let n = 1; n <= builds.value; n++) {
    if (n > 1) c.wait(puttyFirm(next.minutes, 'the next build'), next);
    c.work(
      putty(n, builds, each, hardener, dose, n === 1 ? first : most, n === 1),
      c.byVolume('mixMin', 'puttyPerL', ledger.compute(volumeShare, { volumeMl: volume, parts: builds }, 'A build'), 'A build'),
      { lift: n },
    );
  }
  const last = c.last ?? 'putty-build';
  const sand = c.curing(c.of('sand'), 'Sanded after');
  if (c.isLast || !c.anyDoes('sprayed')) c.work(clearAway(potLife, 'leftovers spread thin to harden'), c.rate('tidy'));
  else c.work(matchColor(c.usual('Additions', 'count', 6)), c.rate('matchColor'));
  c.wait(puttyFirm(sand.minutes, 'sanding'), sand, last);
  c.work(ladder(grit(c, [80, 120]), c.usual('Each farther by', 'depth', 15), false), c.byArea('readySetUp', 'wetSandPerM2', area, 'Sanding'));
  const flex = c.system.flex?.max;
  c.work(pushTest(flex ? c.get(flex) : c.usual('May give', 'depth', 1)), c.each('spotEach'));
  c.amount('putty', 'Fiber putty', total);
  c.amount('hardener', 'Hardener, each build', hardener);
  c.amount('strips', 'Strips of mesh, each way', strips);
  c.amount('strip-across', 'Cut to, across', ledger.compute(acrossRim, { sizeMm: width, rimMm: mesh }, 'A strip across'));
  c.amount('strip-down', 'Cut to, the other way', ledger.compute(acrossRim, { sizeMm: height, rimMm: mesh }, 'A strip down'));
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
  begin(c, c.usual('Masked past it', 'depth', 120));
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.of('past') }, 'Smoothed');
  const [pulls, film] = [c.of('pulls'), c.of('coat')];
  const volume = mixed(c, ledger.compute(coatVolume, { areaMm2: area, filmMm: film }, 'A pull'), 'Putty for a pull');
  const each = ledger.compute(massOf, { volumeMl: volume, densityKgL: c.of('density') }, 'Putty for a pull');
  const { dose, hardener } = dosed(c, each);
  const potLife = c.working(c.of('potLife'));
  c.mixes.push({
    id: 'finish',
    title: c.system.title,
    total: volume,
    batches: pulls,
    within: potLife,
    parts: [
      { what: 'Putty, each pull', amount: each },
      { what: 'Hardener, each pull', amount: hardener },
    ],
    says: [say`${dose} hardener by weight, to one color.`],
  });
  const sand = c.curing(c.of('sand'), 'Sanded after');
  for (let n = 1; n <= pulls.value; n++) {
    if (n > 1) c.wait(puttyFirm(sand.minutes, 'the next pull'), sand);
    c.work(finishPull(n, pulls, each, hardener, film), c.byArea('mixMin', 'polishPerM2', area, 'A pull'), { lift: n });
  }
  const last = c.last ?? 'finish-pull';
  c.work(clearAway(potLife, 'board and spreader wiped before it sets'), c.rate('tidy'));
  c.wait(puttyFirm(sand.minutes, 'sanding'), sand, last);
  c.work(ladder(grit(c, [120, 180, 220, 320]), c.usual('Each farther by', 'depth', 10), false), c.byArea('readySetUp', 'wetSandPerM2', area, 'Sanding'));
  c.amount('finish', 'Finish putty, each pull', each);
  c.amount('finish-cured', 'Finish putty cured through after', c.curing(c.get(readyFor(c.system, undefined)), 'Cured through after').minutes);
  if (c.isLast) end(c, last);
}

/** Promoter, then mist coats. */
export function mistCoats(c: Course): void {
  const { ledger } = c;
  const past = c.of('past');
  begin(c, c.usual('Masked past it', 'depth', past.value + 50));
  const [width, height] = placeOf(c);
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: past }, 'Sprayed');
  if (c.isFirst) c.work(matchColor(c.usual('Additions', 'count', 6)), c.rate('matchColor'));
  c.work(scuffShell(c.usual('Grit', 'count', 320, 'fepa-43'), area, past), c.byArea('readySetUp', 'wetSandPerM2', area, 'Scuffing for the coat'));
  const [coats, film] = [c.of('coats'), c.of('film')];
  const all = ledger.compute(
    paintNeeded,
    { areaMm2: area, coats, dryMm: film, solidsPct: c.of('solids'), transferPct: c.of('transfer'), wastePct: c.of('waste') },
    'Coating in all',
  );
  const least = c.usual('Least that can be measured', 'volume', 52.5);
  const total = all.value < least.value ? least : all;
  const sum = ledger.compute(partsInAll, { part: [c.of('parts'), c.of('catalyst'), c.of('reducer')] });
  const part = (name: 'parts' | 'catalyst' | 'reducer', label: string) => ledger.compute(partOfMix, { volumeMl: total, part: c.of(name), all: sum }, label);
  const [resin, catalyst, reducer] = [part('parts', 'Resin'), part('catalyst', 'Catalyst'), part('reducer', 'Reducer')];
  const loads = ledger.compute(jarCount, { coatingMl: total, jarMl: c.of('jar') });
  const potLife = c.working(c.of('potLife'));
  const [dry, until] = [c.ofAuxiliary(adhesionPromoter, 'dry'), c.ofAuxiliary(adhesionPromoter, 'until')];
  c.mix(
    'coating',
    c.system.title,
    total,
    [
      { what: 'Resin', amount: resin },
      { what: 'Catalyst', amount: catalyst },
      { what: 'Reducer', amount: reducer },
    ],
    { within: potLife, pace: 'nothing', least: loads },
    [say`Four of resin, one of catalyst, two of reducer: none rounded down; catalyst last.`, say`Within a twentieth either way.`],
  );
  c.work(loadJar(resin, catalyst, reducer, loads, c.of('jar'), c.school('catalyst', 'early') !== undefined), c.rate('mixMin'));
  c.work(promoter(dry, until), c.each('spotEach'));
  c.atLeast(c.fixed(dry));
  c.within(until, say`The promoter has gone past its window: wipe it on again.`);
  const each = ledger.compute(volumeShare, { volumeMl: total, parts: coats }, 'A mist coat');
  const upright = c.usual('Upright', 'ratio', c.matter.choice('part') === 'floor' ? 0 : 1);
  const flashed = c.school('flash-off', 'wait') ?? ledger.compute(flashTime, { areaMm2: area, upright });
  for (let n = 1; n <= coats.value; n++) {
    if (n > 1) c.wait(flash(flashed), c.fixed(flashed));
    c.work(mistCoat(n, coats, each, c.of('distance'), past), c.byArea('nothing', 'mistPerM2', area, 'A mist coat'), { lift: n });
  }
  const last = c.last ?? 'mist-coat';
  c.work(
    clearAway(c.usual('Before it gels in the nozzle', 'duration', 10), 'masking pulled while the coat is soft; sprayer run through with reducer'),
    c.rate('tidy'),
  );
  c.amount('coating', 'Coating in all', total);
  c.amount('loads', 'Jar loads', loads);
  c.amount('flash', 'Flash between coats', flashed);
  c.amount('hard', 'Rough places wet-sanded after', c.of('hard'));
  c.named = c.named === 'as found' ? 'coated' : `${c.named}, coated`;
  if (c.isFirst)
    c.sections.push(
      layeredSection({
        caption: say`Cut through, the face on top`,
        ground: 'shell',
        width: longer(c),
        layers: [],
        films: Array.from({ length: coats.value }, (_v, i) => ({
          id: `coat-${String(i + 1)}`,
          title: say`mist coat ${String(i + 1)}`,
          ...(i === coats.value - 1 ? { detail: say`the wettest and widest` } : {}),
        })),
      }),
    );
  end(c, last);
}

/** Support below a shell that gives. */
export function support(c: Course): void {
  const { ledger } = c;
  begin(c, c.usual('Masked past it', 'depth', 150));
  const [width, height] = placeOf(c);
  const area = ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.usual('Supported past it', 'depth', 150) }, 'Supported');
  const cavity = ledger.compute(cutOutVolume, { cutMm2: area, depthMm: c.of('gap') }, 'Gap below the shell');
  const liquid = ledger.compute(foamLiquid, { voidMl: cavity, rise: c.of('rise'), reserve: c.usual('Reserve', 'ratio', 1.2) });
  const shots = ledger.compute(packsOf, { volumeMl: liquid, packMl: c.of('shot') }, 'Shots');
  const holes = c.usual('Access holes', 'count', 2);
  c.work(
    supportShell(holes, c.of('hole'), shots, liquid),
    ledger.compute(timesDuration, { durationMin: c.of('wait'), times: c.usual('Shots', 'ratio', shots.value) }, 'Shots and what lies between them'),
  );
  const firm = c.fixed(c.of('firm'));
  c.wait(shellCures(firm.minutes), firm);
  const flex = c.usual('May give', 'depth', 1, 'judgement');
  c.work(pushTest(flex), c.each('spotEach'));
  c.amount('support', 'Foam below, as liquid', liquid);
  c.amount('shots', 'Shots', shots);
  c.named = 'supported';
  const shell = c.matter.measure('shellMm') ?? c.usual('Thickness of the shell', 'depth', 4);
  if (c.isLast || c.isFirst)
    c.sections.push(
      layeredSection({
        caption: say`Cut through, the face on top`,
        ground: 'shell',
        behind: { material: 'foam', thicknessMm: c.of('gap').value, title: say`support, in ${shots} shots` },
        groundMm: shell.value,
        width,
        layers: [],
      }),
    );
  if (!c.isLast) return;
  c.work(putAway(), c.rate('tidy'));
  end(c, 'push-test');
}

/** Glass mat in resin, each layer larger. */
export function laminate(c: Course): void {
  const { ledger } = c;
  begin(c, c.usual('Masked past it', 'depth', 150));
  const [width, height] = placeOf(c);
  const crack = c.matter.measure('lengthMm');
  const [lap, more, layers] = [c.of('lap'), c.of('more'), c.of('layers')];
  if (crack)
    c.work(
      stopCrack(c.usual('Stop hole', 'depth', 4), c.usual('Opened to', 'depth', 5), crack),
      c.byLength('readySetUp', 'rakePace', crack, 'Stopping the crack'),
    );
  else c.work(trimHole(c.of('layer'), lap), c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Trimming'));
  const rims = Array.from({ length: layers.value }, (_v, i) => c.usual(`Layer ${String(i + 1)} past the place`, 'depth', lap.value + more.value * i));
  const areas = rims.map((rimMm) => ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm }, 'A layer'));
  const largest = areas[areas.length - 1];
  const outer = rims[rims.length - 1];
  if (!largest || !outer) return;
  c.work(scuffShell(c.usual('Grit', 'count', 80, 'fepa-43'), largest, outer), c.byArea('readySetUp', 'scuffPerM2', largest, 'Scuffing'));
  const potLife = c.working(c.of('potLife'));
  c.work(layOut(potLife, 'mat cut to size, smallest first; roller, brush, scale; a fan outward'), c.rate('readySetUp'));
  const resins = areas.map((areaMm2) =>
    ledger.compute(
      massOf,
      {
        volumeMl: mixed(
          c,
          ledger.compute(
            volumePart,
            { volumeMl: ledger.compute(coatVolume, { areaMm2, filmMm: c.of('layer') }, 'A layer'), share: c.of('resinPerL') },
            'Resin in a layer',
          ),
          'Resin to mix',
        ),
        densityKgL: c.of('density'),
      },
      'Resin for a layer',
    ),
  );
  const total = ledger.compute(massSum, { massG: resins }, 'Resin in all');
  const { dose, hardener: all } = dosed(c, total);
  c.mixes.push({
    id: 'laminate',
    title: c.system.title,
    total,
    batches: layers,
    within: potLife,
    parts: [
      { what: 'Resin', amount: total },
      { what: 'Hardener', amount: all },
    ],
    says: [say`${dose} hardener by weight; one layer mixed at a time.`, say`No more than three layers at once: they heat.`],
  });
  areas.forEach((area, i) => {
    const resin = resins[i];
    if (resin)
      c.work(
        layMat(i + 1, layers, area, resin, ledger.compute(hardenerWeight, { resinG: resin, dosePct: dose }, 'Hardener for a layer')),
        c.byArea('mixMin', 'layUpPerM2', area, 'A layer of mat'),
        { lift: i + 1 },
      );
  });
  const last = c.last ?? 'lay-mat';
  c.work(
    c.isLast ? clearAway(potLife, 'roller washed before it gels') : matchColor(c.usual('Additions', 'count', 6)),
    c.isLast ? c.rate('tidy') : c.rate('matchColor'),
  );
  const cured = c.curing(c.of('cured'), 'Cured and cool after');
  c.wait(shellCures(cured.minutes), cured, last);
  c.work(ladder(grit(c, [80, 120, 180, 220, 320]), c.usual('Each farther by', 'depth', 12), false), c.byArea('readySetUp', 'wetSandPerM2', largest, 'Sanding'));
  c.work(pushTest(c.usual('May give', 'depth', 1, 'judgement')), c.each('spotEach'));
  c.amount('resin', 'Laminating resin', total);
  c.amount('mat', 'Mat, the largest', largest);
  c.named = c.named === 'supported' ? 'supported and laminated' : 'laminated';
  const shell = c.matter.measure('shellMm') ?? c.usual('Thickness of the shell', 'depth', 4);
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the laminated face on top`,
      ground: 'shell',
      groundMm: shell.value,
      ...(c.steps.some((s) => s.builder === 'support-shell') && { behind: { material: 'foam' as const, thicknessMm: 15, title: say`supported first` } }),
      width,
      layers: [],
      films: rims.map((rimMm, i) => ({
        id: `mat-${String(i + 1)}`,
        title: say`mat ${String(i + 1)}, ${rimMm} past`,
        across: ledger.compute(acrossRim, { sizeMm: width, rimMm }, 'A layer'),
        material: 'laminate' as const,
      })),
    }),
  );
  if (c.isLast) end(c, last);
}
