import { acrossRim, rimmedArea } from '../../geometry/outline.ts';
import { liftThickness, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { layeredSection, frontView, rectangle, circle } from '../../geometry/layeredSection.ts';
import type { Region } from '../../geometry/section.ts';
import { coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { massOf, volumePart } from '../../mixing/proportions.ts';
import { fillDepth, holeBed, layersOf, pocketFaces, scarfLength, shortHole, soakedWood, staggeredHoles } from '../../mixing/timber.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { backingFoam } from '../../shelf/auxiliaries/backingFoam.ts';
import { readyFor } from '../../shelf/patchSystem.ts';
import { Missing, type Course } from '../course.ts';
import { paintFace } from '../finish.ts';
import { around, mixed, sides, strip, twoParts } from '../parts.ts';
import { inUse, paintDry } from '../words/finishing.ts';
import { waitHard, waitLayer } from '../words/placing.ts';
import { clearAway, coverRoom, layOut, putAway } from '../words/protecting.ts';
import {
  backHole,
  boreHoles,
  clamped,
  cutFoam,
  cutPocket,
  cutScarf,
  cutSound,
  fitCap,
  foamCures,
  glueWood,
  pourTinted,
  pressFiller,
  primeWood,
  shapeFiller,
  soakWood,
  treatCheck,
  washBlush,
  wetPreview,
} from '../words/timbering.ts';

/** What is to be filled: how wide it is drawn, its face, depth and volume. */
function placeOf(c: Course): {
  readonly width: Figure;
  readonly height: Figure;
  readonly area: Figure;
  readonly depth: Figure;
  readonly volume: Figure;
  readonly through: boolean;
} {
  const section = c.matter.measure('sectionMm');
  const through = c.matter.subject.kind === 'timber-through';
  const depth = (through ? section : undefined) ?? c.matter.subject.depth ?? section ?? c.usual('Depth', 'depth', 10);
  const length = c.matter.measure('lengthMm');
  if (length) {
    const width = c.matter.measured('widest') ?? c.usual('Width', 'depth', 4);
    const area = strip(c, width, 'Face of the check');
    return {
      width,
      height: length,
      area,
      depth,
      volume: c.matter.measured('void') ?? c.ledger.compute(cutOutVolume, { cutMm2: area, depthMm: depth }, 'To fill'),
      through,
    };
  }
  const [width, height] = sides(c);
  const area =
    c.matter.measured('area') ?? c.ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.usual('No rim', 'depth', 0) }, 'Face to fill');
  return {
    width,
    height,
    area,
    depth,
    volume: c.matter.measured('void') ?? c.ledger.compute(cutOutVolume, { cutMm2: area, depthMm: depth }, 'To fill'),
    through,
  };
}

function begin(c: Course, area: Figure): void {
  if (c.once('cover')) c.work(coverRoom(around(c), false), c.rate('coverUp'));
  if (!c.once('cut-sound')) return;
  const most = c.system.woodMoisture?.max ? c.get(c.system.woodMoisture.max) : c.usual('Most moisture of the wood', 'percent', 18);
  c.work(cutSound(area, most, c.matter.choice('grain') === 'yes'), c.byArea('readySetUp', 'scrapeWoodPerM2', area, 'Cutting back'));
}

function end(c: Course, area: Figure, after: string): void {
  const clear = c.matter.choice('finish') === 'clear' || c.matter.choice('finish') === 'stain';
  if (!clear) paintFace(c, area, 'acrylic primer: filler chalks in the sun, and oil primer may stay soft on it');
  const ready = c.curing(c.get('use' in c.system.ready ? c.system.ready.use : c.system.ready.foot), 'In use after');
  c.ready(inUse(clear ? 'its clear coat' : 'use', ready.minutes, 'A nail leaves no dent; the edge is not felt.'), ready, after);
}

/**
 * Closes the back of a hole that goes through, once, before anything is soaked or primed: foam has to cure first,
 * and a primer does not wait for that.
 * @returns how far below the face it is closed
 */
function closeBack(c: Course, depth: Figure): Figure {
  const foam = c.school('foam-behind', 'over') !== undefined;
  const back = foam ? c.ofAuxiliary(backingFoam, 'over') : depth;
  if (!c.once('back')) return back;
  c.work(backHole(back, foam), c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Closing the back'));
  if (foam) {
    const cure = c.ofAuxiliary(backingFoam, 'cure');
    c.wait(foamCures(cure), c.fixed(cure));
    c.work(cutFoam(back), c.each('spotEach'));
  }
  return back;
}

/** Soft wood soaked with thin resin through a bed of holes. */
export function consolidate(c: Course): void {
  const { ledger } = c;
  const place = placeOf(c);
  const [width, height] = c.matter.measure('lengthMm') ? [c.need('lengthMm'), place.width] : [place.width, place.height];
  begin(c, place.area);
  if (place.through) closeBack(c, place.depth);
  const section = c.matter.measure('sectionMm') ?? c.usual('Thickness of the piece', 'depth', 60);
  const deep = ledger.compute(shortHole, { thicknessMm: section, pocketMm: place.depth, shortMm: c.of('short') });
  // a hole through has walls to brush; behind a pocket that leaves little no hole can be bored
  const holes =
    place.through || deep.value < c.of('hole').value ? undefined : ledger.compute(staggeredHoles, { widthMm: width, heightMm: height, apartMm: c.of('apart') });
  if (holes) c.work(boreHoles(holes, c.of('hole'), c.of('apart'), deep, c.of('short')), c.byCount('readySetUp', 'boreEach', holes, 'Boring'));
  const faces = ledger.compute(pocketFaces, {
    widthMm: width,
    heightMm: height,
    depthMm: place.depth,
    bottomMm2: place.through ? c.usual('No bottom', 'area', 0) : place.area,
  });
  const drunk = holes
    ? ledger.compute(
        volumePart,
        {
          volumeMl: ledger.compute(soakedWood, {
            rimmedMm2: ledger.compute(rimmedArea, { widthMm: width, heightMm: height, rimMm: c.of('rim') }, 'Soaked'),
            thicknessMm: section,
            faceMm2: place.area,
            pocketMm: place.depth,
          }),
          share: c.of('drinks'),
        },
        'Wood drinks',
      )
    : ledger.compute(coatVolume, { areaMm2: faces, filmMm: c.of('brushed') }, 'Walls drink');
  const resin = mixed(c, drunk, 'Consolidant to mix');
  const potLife = c.working(c.of('potLife'));
  c.work(
    layOut(potLife, holes ? 'nozzle bottles, brushes; no rain due and no frost within the cure' : 'brushes; no rain due and no frost within the cure'),
    c.rate('readySetUp'),
  );
  c.mix('consolidant', c.system.title, resin, twoParts(c, resin, c.of('partB')), { within: potLife, pace: 'fillPerL' }, [
    say`Equal parts, stirred slowly; several small cups: a full one heats and thickens.`,
  ]);
  c.work(
    soakWood(
      resin,
      potLife,
      c.curing(c.get(readyFor(c.system, undefined)), 'Consolidant hard after').minutes,
      c.isLast ? undefined : fillerFrom(c),
      holes !== undefined,
    ),
    c.byArea('nothing', 'soakPerM2', faces, 'Soaking'),
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

/** How long after the primer filler may go on. */
const fillerFrom = (c: Course): Figure => c.school('wood-primer', 'from') ?? c.usual('Filler from', 'duration', 10);

/** Epoxy paste or putty, pressed into primed wood in layers. */
export function timberFill(c: Course): void {
  const { ledger, system } = c;
  const place = placeOf(c);
  begin(c, place.area);
  let { depth, volume } = place;
  if (place.through) {
    depth = ledger.compute(fillDepth, { foundMm: depth, backMm: closeBack(c, depth) });
    volume = ledger.compute(cutOutVolume, { cutMm2: place.area, depthMm: depth }, 'To fill, over the backing');
  }
  const wet = c.school('wood-primer', 'tackFree') === undefined;
  const consolidated = c.steps.some((s) => s.builder === 'soak-wood');
  const from = fillerFrom(c);
  const until = c.closes(c.school('wood-primer', 'until') ?? c.usual('Filler until', 'duration', 45), 'Filler no later than');
  if (!consolidated) {
    const primer = ledger.compute(coatVolume, { areaMm2: place.area, filmMm: c.usual('Film of primer', 'film', 0.3) }, 'Primer');
    c.work(primeWood(primer, from, until, wet), c.byArea('nothing', 'soakPerM2', place.area, 'Priming wood'));
    c.amount('wood-primer', 'Primer for wood', primer);
  }
  c.atLeast(c.fixed(from));
  c.within(until, say`The primer has gone past its window: abrade it, wipe, prime again.`);
  const most = system.lift?.[c.overhead ? 'overhead' : 'wall'];
  const layers = ledger.compute(layersOf, { depthMm: depth, thickestMm: most ? c.get(most) : depth });
  const thickness = ledger.compute(liftThickness, { depthMm: depth, lifts: layers }, 'A layer');
  const over = ledger.compute(cutOutVolume, { cutMm2: place.area, depthMm: c.of('proud') }, 'Stands proud');
  const filler = mixed(c, ledger.compute(volumeSum, { volumeMl: [volume, over] }, 'Filler to place'), 'Filler to mix');
  const each = ledger.compute(volumeShare, { volumeMl: filler, parts: layers }, 'Filler for a layer');
  const potLife = c.working(c.of('potLife'));
  const parts = twoParts(c, filler, c.of('partB'), ['Part A', 'Part B']);
  const knead = c.of('mixMin');
  c.mix(
    'filler',
    system.title,
    filler,
    [...parts, { what: 'Weight in all', amount: ledger.compute(massOf, { volumeMl: filler, densityKgL: c.of('density') }) }],
    { within: potLife, pace: 'fillPerL', least: layers },
    [
      say`Equal level measures, or weighed by density; each batch to one color before it leaves the board.`,
      say`A sample of every batch is kept, with its time.`,
    ],
  );
  for (let n = 1; n <= layers.value; n++) {
    if (n > 1) {
      const next = c.curing(c.of('next'), 'Next layer after');
      c.wait(waitLayer(next.minutes, 'Firm; a thumbnail still marks it.'), next);
    }
    c.work(
      pressFiller(n, layers, each, thickness, c.of('proud'), n === layers.value, knead, c.school('knife-release', 'oil') !== undefined),
      c.byVolume('mixMin', 'fillPerL', each, 'Pressing filler in'),
      { lift: n },
    );
  }
  const last = c.last ?? 'press-filler';
  c.work(clearAway(potLife, 'knife and board wiped; filler left on a board overnight bonds to it: film under it'), c.rate('tidy'));
  const hard = c.curing(c.of('hard'), 'Hard enough to shape');
  c.wait(waitHard(hard.minutes, c.groundC), hard, last);
  c.work(washBlush(place.area), c.rate('readySetUp'));
  c.work(
    shapeFiller(c.of('proud'), c.usual('Grit', 'count', 80, 'fepa-43'), c.usual('Finer grit', 'count', 120, 'fepa-43'), c.matter.choice('grain') === 'yes'),
    c.byArea('readySetUp', 'shapePerM2', place.area, 'Shaping'),
  );
  c.amount('filler', 'Filler', filler);
  c.amount('layers', 'Layers', layers);
  c.named = consolidated ? 'hardened and filled' : 'filled';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'wood',
      width: place.width,
      depth,
      proud: c.of('proud'),
      layers: Array.from({ length: layers.value }, (_v, i) => ({
        id: String(i + 1),
        material: 'resin-sand' as const,
        lift: i + 1,
        thickness,
        title: say`layer ${String(i + 1)}, ${thickness}`,
      })),
      notes: place.through ? [{ id: 'back', at: [0, depth.value], title: say`a former only, never carries` }] : [],
    }),
  );
  const face = ledger.compute(
    rimmedArea,
    { widthMm: place.width, heightMm: place.height, rimMm: c.usual('Primed past it', 'depth', 50) },
    'Primed and painted',
  );
  end(c, face, last);
}

/** Checks and holes cast with resin, tinted on top. */
export function tintedPour(c: Course): void {
  const { ledger } = c;
  const place = placeOf(c);
  begin(c, place.area);
  c.work(wetPreview(place.area), c.rate('matchColor'));
  const most = c.system.lift?.floor ?? c.system.lift?.wall;
  const pours = ledger.compute(layersOf, { depthMm: place.depth, thickestMm: most ? c.get(most) : c.usual('Deepest pour', 'depth', 20) }, 'Pours');
  const thickness = ledger.compute(liftThickness, { depthMm: place.depth, lifts: pours }, 'A pour');
  const resin = mixed(c, place.volume, 'Resin to mix');
  const each = ledger.compute(volumeShare, { volumeMl: resin, parts: pours }, 'Resin for a pour');
  const tint = ledger.compute(volumePart, { volumeMl: each, share: c.of('tint') }, 'Tint, as a share of the weight');
  const tintG = ledger.compute(massOf, { volumeMl: tint, densityKgL: c.of('density') }, 'Tint');
  const potLife = c.working(c.of('potLife'));
  c.work(
    layOut(potLife, 'bottom and ends sealed, tape tight to both edges, cup, lamp; wood warmed first, so that it cools while it cures'),
    c.rate('readySetUp'),
  );
  c.mix(
    'pour',
    c.system.title,
    resin,
    [...twoParts(c, resin, c.of('partB')), { what: 'Tint, in the last', amount: tintG, once: true }],
    { within: potLife, pace: 'fillPerL', least: pours },
    [say`Stirred slowly; poured thin: deep pours heat and crack.`],
  );
  for (let n = 1; n <= pours.value; n++) {
    if (n > 1) {
      const next = c.curing(c.of('next'), 'Next pour after');
      c.wait(waitLayer(next.minutes, 'Gelled and cooling; a stick leaves a mark and no string.', 'pour'), next);
    }
    c.work(pourTinted(n, pours, each, thickness, n === pours.value ? tintG : undefined), c.byVolume('mixMin', 'fillPerL', each, 'A pour'), { lift: n });
  }
  const last = c.last ?? 'pour-tinted';
  c.work(clearAway(potLife, 'tape pulled at once, before it hardens to the edge'), c.rate('tidy'));
  const hard = c.curing(c.of('hard'), 'Hard enough to sand');
  c.wait(waitHard(hard.minutes, c.groundC), hard, last);
  c.work(
    shapeFiller(c.of('over'), c.usual('Grit', 'count', 120, 'fepa-43'), c.usual('Finer grit', 'count', 180, 'fepa-43'), false),
    c.byArea('readySetUp', 'shapePerM2', place.area, 'Sanding'),
  );
  c.amount('resin', 'Resin', resin);
  c.amount('tint', 'Tint', tintG);
  c.amount('top', 'Tinted on top, at least', c.of('topMm'));
  c.named = 'cast';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'wood',
      width: place.width,
      depth: place.depth,
      proud: c.of('over'),
      layers: Array.from({ length: pours.value }, (_v, i) => ({
        id: String(i + 1),
        material: 'resin' as const,
        lift: i + 1,
        thickness,
        volume: each,
        title: i === pours.value - 1 ? say`tinted, ${each}` : say`clear behind, ${each}`,
      })),
    }),
  );
  end(c, place.area, last);
}

/** A piece of the same wood glued into a square pocket. */
export function woodInsert(c: Course): void {
  const { ledger } = c;
  const place = placeOf(c);
  begin(c, place.area);
  const [w, h] = [place.width, place.height].map((sizeMm) => ledger.compute(acrossRim, { sizeMm, rimMm: c.of('past') }, 'Pocket'));
  if (!w || !h) throw new Missing('size');
  c.work(cutPocket(w, h, place.depth, c.of('past')), c.byCount('readySetUp', 'insertEach', c.rate('once'), 'Cutting the pocket'));
  const face = ledger.compute(rimmedArea, { widthMm: w, heightMm: h, rimMm: place.depth }, 'Glued faces');
  glued(c, face, 'insert');
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
  end(c, ledger.compute(rimmedArea, { widthMm: w, heightMm: h, rimMm: c.usual('Primed past it', 'depth', 50) }, 'Finished'), c.last ?? 'glue-wood');
}

function glued(c: Course, face: Figure, what: string): void {
  const glue = c.ledger.compute(coatVolume, { areaMm2: face, filmMm: c.of('glue') }, 'Glue');
  const open = c.closes(c.of('open'), 'Closed within');
  c.work(glueWood(glue, open, c.of('over'), what), c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Gluing'));
  const clamp = c.curing(c.of('clamp'), 'Clamped for');
  const at = c.last;
  c.work(clearAway(open, 'glue that squeezed out wiped while it is wet'), c.rate('tidy'));
  c.wait(clamped(clamp.minutes), clamp, at);
  c.work(
    shapeFiller(c.of('over'), c.usual('Grit', 'count', 80, 'fepa-43'), c.usual('Finer grit', 'count', 120, 'fepa-43'), false),
    c.byArea('readySetUp', 'shapePerM2', face, 'Planing flush'),
  );
  c.amount('glue', 'Glue', glue);
}

/** A decayed end cut off and new wood spliced on. */
export function woodSplice(c: Course): void {
  const { ledger } = c;
  const place = placeOf(c);
  begin(c, place.area);
  const section = c.matter.measure('sectionMm') ?? place.depth;
  const scarf = ledger.compute(scarfLength, { thicknessMm: section, slope: c.of('slope') });
  c.work(cutScarf(scarf, c.of('past'), c.of('slope')), c.byCount('readySetUp', 'insertEach', c.usual('Old and new', 'count', 2), 'Cutting the scarf'));
  const face = ledger.compute(rimmedArea, { widthMm: scarf, heightMm: section, rimMm: c.usual('No rim', 'depth', 0) }, 'Glued face');
  glued(c, face, 'splice');
  const piece = ledger.compute(
    acrossRim,
    { sizeMm: place.width.value >= place.height.value ? place.width : place.height, rimMm: c.of('past') },
    'New piece, without the scarf',
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
  end(c, ledger.compute(rimmedArea, { widthMm: piece, heightMm: section, rimMm: c.usual('Primed past it', 'depth', 50) }, 'Finished'), c.last ?? 'glue-wood');
}

/** A check in a top face: capped, and left open below. */
export function capAndDrain(c: Course): void {
  const { ledger } = c;
  const length = c.need('lengthMm');
  if (c.once('cover')) c.work(coverRoom(around(c), false), c.rate('coverUp'));
  const dry = c.of('treat');
  c.work(treatCheck(length, dry), c.byLength('readySetUp', 'brushPace', length, 'Treating the check'));
  c.wait(paintDry(dry, 'preservative'), c.fixed(dry));
  const long = ledger.compute(acrossRim, { sizeMm: length, rimMm: c.of('past') }, 'Cap');
  const section = c.matter.measure('sectionMm') ?? c.usual('Width of the face', 'depth', 150);
  const across = ledger.compute(acrossRim, { sizeMm: section, rimMm: c.of('down') }, 'Cap, unfolded');
  c.work(fitCap(long, across, c.of('down'), c.of('fix'), c.of('lap')), c.byLength('readySetUp', 'capPace', long, 'Fitting the cap'));
  c.work(putAway(), c.rate('tidy'));
  const ready = c.fixed(c.usual('At once', 'duration', 0));
  c.ready(inUse('rain', ready.minutes, 'Water runs off past the face.'), ready);
  c.amount('cap', 'Cap, length', long);
  c.amount('across', 'Cap, unfolded', across);
  c.named = 'capped';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the top face up`,
      ground: 'wood',
      width: c.matter.measured('widest') ?? c.usual('Width', 'depth', 4),
      depth: c.matter.subject.depth ?? c.usual('Depth', 'depth', 20),
      shape: 'vee',
      layers: [
        { id: 'open', material: 'open', thickness: c.matter.subject.depth ?? c.usual('Depth', 'depth', 20), title: say`left open: it moves and drains` },
      ],
      films: [{ id: 'cap', title: say`cap, turned down ${c.of('down')}`, detail: say`fixed on one side only`, across, material: 'bar' }],
    }),
  );
}
