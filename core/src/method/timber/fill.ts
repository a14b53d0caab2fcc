import { liftByHeat } from '../../cure/safeLift.ts';
import { timberWork } from '../../shelf/usual/timberWork.ts';
import { abradeAgain } from '../words/redoing.ts';
import { rimmedArea } from '../../geometry/outline.ts';
import { liftThickness, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { massOf, volumePart } from '../../mixing/proportions.ts';
import { fillDepth, layersOf, pocketFaces } from '../../mixing/timber.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { type Course } from '../course.ts';
import { mixed, pulled, twoParts } from '../parts.ts';
import { waitHard, waitLayer } from '../words/placing.ts';
import { clearAway, layOut } from '../words/protecting.ts';
import { pourTinted, pressFiller, primeWalls, primeWood, shapeFiller, washBlush, wetPreview } from '../words/timbering.ts';
import { grainShows, gritsFor, preparedPlace, begin, end, closeBack, fillerFrom } from './common.ts';

/** Epoxy paste or putty, pressed into primed wood in layers. */
export function timberFill(c: Course): void {
  const { ledger, system } = c;
  const place = preparedPlace(c);
  begin(c, place.area, place.pared);
  let { depth, volume } = place;
  if (place.through) {
    depth = ledger.compute(fillDepth, { foundMm: depth, backMm: closeBack(c, depth) });
    volume = ledger.compute(cutOutVolume, { cutMm2: place.area, depthMm: depth }, 'To fill, over the backing');
  }
  const wet = c.school('wood-primer', 'tackFree') === undefined;
  const consolidated = c.mixes.some((m) => m.id === 'consolidant');
  const from = fillerFrom(c);
  const until = c.closes(c.taken('wood-primer', 'until'), 'Filler no later than');
  if (!consolidated) {
    const faces = ledger.compute(pocketFaces, {
      widthMm: place.width,
      heightMm: place.height,
      depthMm: depth,
      // behind a hole that goes through stands a former, which nothing is to hold on
      bottomMm2: place.through ? c.stated('No bottom', 'area', 0) : place.area,
    });
    const thin = ledger.compute(coatVolume, { areaMm2: faces, filmMm: c.get(timberWork.figures.primer) }, 'Primer');
    const primer = c.least(thin, timberWork.figures.leastPrimer);
    c.work(primeWood(primer, from, until, wet), c.byArea('inHand', 'soakPerM2', faces, 'Priming wood'), {
      uses: [c.use('wood-primer', 'Primer for wood', 'primer', primer, system.id)],
    });
    c.amount('wood-primer', 'Primer for wood', primer);
  }
  c.atLeast(c.fixed(from));
  const abraded = abradeAgain('what was soaked or primed', c.byArea('nothing', 'soakPerM2', place.area, 'Abrading'));
  c.within(until, say`The primer has gone past its window: abrade it, wipe, prime again.`, [abraded, ...(c.last === undefined ? [] : [{ again: c.last }])]);
  const most = system.lift?.[c.overhead ? 'overhead' : 'wall'];
  const layers = ledger.compute(layersOf, { depthMm: depth, thickestMm: most ? c.get(most) : depth });
  const thickness = ledger.compute(liftThickness, { depthMm: depth, lifts: layers }, 'A layer');
  const over = ledger.compute(cutOutVolume, { cutMm2: place.area, depthMm: c.of('proud') }, 'Stands proud');
  const filler = mixed(c, ledger.compute(volumeSum, { volumeMl: [volume, over] }, 'Filler to place'), 'Filler to mix');
  const each = ledger.compute(volumeShare, { volumeMl: filler, parts: layers }, 'Filler for a layer');
  const potLife = c.working(c.of('potLife'));
  const parts = twoParts(c, filler, c.of('partB'), ['Part A', 'Part B']);
  const knead = c.of('mixMin');
  c.mix('filler', system.title, filler, parts, { within: potLife, pace: 'fillPerL', least: layers, care: 'epoxy paste' }, [
    say`It weighs ${ledger.compute(massOf, { volumeMl: filler, densityKgL: c.of('density') }, 'Weight in all')} in all.`,
    say`Equal level measures, or weighed by density; each batch to one color before it leaves the board.`,
    say`A sample of every batch is kept, with its time.`,
  ]);
  for (let n = 1; n <= layers.value; n++) {
    if (n > 1) {
      const next = c.curing(c.of('next'), 'Next layer after');
      c.wait(waitLayer(next.minutes, 'Firm; a thumbnail still marks it.'), next);
      // what was primed on the walls with the first layer is past its window by then
      if (next.minutes.value > until.value) primeAbove(c, n, { ...place, thickness, until });
    }
    c.work(
      pressFiller(n, layers, each, thickness, c.of('proud'), n === layers.value, knead, c.school('knife-release', 'oil') !== undefined),
      c.byVolume('mixMin', 'fillPerL', each, 'Pressing filler in'),
      { lift: n, uses: [{ of: 'filler', amount: each }] },
    );
  }
  const last = c.lastStep;
  c.work(clearAway(potLife, 'knife and board wiped; filler left on a board overnight bonds to it: film under it'), c.rate('cleanTools'));
  const hard = c.curing(c.of('hard'), 'Hard enough to shape');
  c.wait(waitHard(hard.minutes, c.groundC), hard, last);
  c.work(washBlush(place.area), c.rate('readySetUp'));
  c.work(
    shapeFiller(c.of('proud'), ...gritsFor(c), c.matter.choice('grain') === 'yes', c.matter.choice('member')),
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
  const face = ledger.compute(rimmedArea, { widthMm: place.width, heightMm: place.height, rimMm: c.get(timberWork.figures.primedPast) }, 'Primed and painted');
  end(c, face, last);
}

/** The walls above a layer primed again: filler does not hold on a primer that has hardened. */
function primeAbove(c: Course, layer: number, { width, height, thickness, until }: Readonly<Record<'width' | 'height' | 'thickness' | 'until', Figure>>): void {
  const none = c.stated('No bottom', 'area', 0);
  const walls = c.ledger.compute(pocketFaces, { widthMm: width, heightMm: height, depthMm: thickness, bottomMm2: none }, 'Walls above it');
  const primer = c.least(c.ledger.compute(coatVolume, { areaMm2: walls, filmMm: c.get(timberWork.figures.primer) }, 'Primer'), timberWork.figures.leastPrimer);
  c.work(primeWalls(layer - 1, primer, fillerFrom(c), until), c.byArea('inHand', 'soakPerM2', walls, 'Priming the walls'), {
    turn: layer,
    uses: [c.use('wood-primer', 'Primer for wood', 'primer', primer, c.system.id)],
  });
  c.atLeast(c.fixed(fillerFrom(c)));
  c.within(until, say`The primer has gone past its window: abrade it, wipe, prime again.`, [
    abradeAgain('the walls', c.byArea('nothing', 'soakPerM2', walls, 'Abrading')),
    { again: c.lastStep },
  ]);
}

/** Checks and holes cast with resin, tinted on top. */
export function tintedPour(c: Course): void {
  const { ledger, system } = c;
  const place = preparedPlace(c);
  begin(c, place.area, place.pared);
  // under paint nobody sees its color
  const seen = grainShows(c);
  if (seen) c.work(wetPreview(place.area), c.rate('matchColor'));
  const most = system.lift?.floor ?? system.lift?.wall;
  if (!most) throw new Error(`${system.title} has no deepest pour`);
  const deepest = liftByHeat(ledger, system, most, c.matter.subject);
  const pours = ledger.compute(layersOf, { depthMm: place.depth, thickestMm: deepest }, 'Pours');
  const thickness = ledger.compute(liftThickness, { depthMm: place.depth, lifts: pours }, 'A pour');
  const resin = mixed(c, place.volume, 'Resin to mix');
  const each = ledger.compute(volumeShare, { volumeMl: resin, parts: pours }, 'Resin for a pour');
  const tint = ledger.compute(volumePart, { volumeMl: each, share: c.of('tint') }, 'Tint, as a share of the weight');
  const tintG = ledger.compute(massOf, { volumeMl: tint, densityKgL: c.of('density') }, 'Tint');
  const potLife = c.working(c.of('potLife'));
  c.work(
    layOut(potLife, 'bottom and ends sealed, tape tight to both edges, cup, lamp; wood warmed first, so that it cools while it cures', c.resin),
    c.rate('readySetUp'),
  );
  c.mix(
    'pour',
    c.system.title,
    resin,
    [...twoParts(c, resin, c.of('partB')), ...(seen ? [{ what: 'Tint, in the last', role: 'tint' as const, amount: tintG, once: true }] : [])],
    { within: potLife, pace: 'fillPerL', least: pours, care: 'epoxy' },
    [say`Stirred slowly; poured thin: deep pours heat and crack.`],
  );
  const narrow = place.width.value < c.of('pouredFrom').value;
  for (let n = 1; n <= pours.value; n++) {
    if (n > 1) {
      const next = c.curing(c.of('next'), 'Next pour after');
      c.wait(waitLayer(next.minutes, 'Gelled and cooling; a stick leaves a mark and no string.', 'pour'), next);
    }
    c.work(
      pourTinted(n, pours, each, thickness, seen && n === pours.value ? tintG : undefined, { narrow, over: c.of('over') }),
      c.byVolume('mixMin', 'fillPerL', each, 'A pour'),
      {
        lift: n,
        uses: [{ of: 'pour', amount: each }],
      },
    );
  }
  const last = c.lastStep;
  c.work(clearAway(potLife, 'cup and stick left to harden'), c.rate('cleanTools'));
  const hard = c.curing(c.of('hard'), 'Hard enough to sand');
  pulled(c, hard.minutes, { from: last, gelled: c.curing(c.of('next'), 'Gelled') });
  c.wait(waitHard(hard.minutes, c.groundC), hard, last);
  c.work(
    shapeFiller(c.of('over'), c.get(timberWork.figures.clearGrit), c.get(timberWork.figures.clearFiner), false, c.matter.choice('member')),
    c.byArea('readySetUp', 'shapePerM2', place.area, 'Sanding'),
  );
  c.amount('resin', 'Resin', resin);
  if (seen) c.amount('tint', 'Tint', tintG);
  if (seen) c.amount('top', 'Tinted on top, at least', c.of('topMm'));
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
        title: seen && i === pours.value - 1 ? say`tinted, ${each}` : say`clear${seen ? ' behind' : ''}, ${each}`,
      })),
    }),
  );
  end(c, ledger.compute(rimmedArea, { widthMm: place.width, heightMm: place.height, rimMm: c.get(timberWork.figures.primedPast) }, 'Finished'), last);
}
