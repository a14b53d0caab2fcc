import { boardWork } from '../../shelf/usual/boardWork.ts';
import { halfOf } from '../../finishing/board.ts';
import { acrossRim } from '../../geometry/outline.ts';
import { liftCount, liftThickness, volumeShare, volumeSum } from '../../geometry/groove.ts';
import { spotVolume } from '../../geometry/cutOut.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { withShrinkage } from '../../mixing/plaster.ts';
import { volumeFor } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import { skimCoat } from '../../shelf/systems/skimCoat.ts';
import { smoothAndPaint } from '../../shelf/systems/smoothAndPaint.ts';
import type { Course } from '../course.ts';
import { coated, paintFace } from '../finish.ts';
import { coverUp, faceArea, longer, mixed, sides, strip } from '../parts.ts';
import { dullFace, fillPlace, skimFace } from '../words/boarding.ts';
import { inUse } from '../words/finishing.ts';
import { layOut } from '../words/protecting.ts';
import { allOf, films, isSetting, makeReady, settle, smoothe, wideningCoats, workCoats, workedFor, type Go, driesThrough, ridgesDown } from './compound.ts';
import { feather, levelOf } from './level.ts';
import { shines } from './patchCoats.ts';

export function cover(c: Course): void {
  coverUp(c);
}

/** The highest finish level: a skim over the whole face on top of what every joint has. */
function levelFive(c: Course, area: Figure): void {
  const level = c.quantities.find((q) => q.id === 'level')?.figure.value ?? 0;
  if (level < 5 || c.mixes.some((m) => m.id === 'skim')) return;
  const { coat, cover: covers, loss } = skimCoat.figures;
  const film = c.get(coat);
  const one = mixed(c, c.ledger.compute(volumeFor, { areaMm2: area, coverM2L: c.get(covers) }, 'A skim coat'), 'Compound for a skim', c.get(loss));
  c.work(skimFace(1, c.get(boardWork.figures.skimCoats), area, one, film), c.byArea('readySetUp', 'skimPerM2', area, 'A skim coat'), {
    uses: [c.use('skim', 'Finishing compound', 'coating', one, skimCoat.id)],
  });
  driesThrough(c, film, 'Dry through');
  smoothe(c, c.get(boardWork.figures.sandedPast), c.byArea('vacuumSetUp', 'sandPerM2', area, 'Sanding the face'), 'skim');
  c.amount('skim', 'Skimmed from corner to corner', area);
}

/**
 * A skim where the level asks for one, texture, a look in raking light, primer and paint; and when it is used again.
 * @param grips the step after which what the system says of itself is waited for; absent where all that hardens does so by drying
 */
export function finishBoard(c: Course, area: Figure, grips?: string): void {
  const face = coated(c, area);
  levelFive(c, face.area);
  paintFace(c, face, 'primer made for new board and compound, so that the repair does not shine through', true);
  // each coat of compound and of paint was waited for
  const ready = c.fixed(
    grips === undefined ? c.stated('After the last coat is dry', 'duration', 0) : c.get('use' in c.system.ready ? c.system.ready.use : c.system.ready.foot),
  );
  c.ready(inUse('use', ready.minutes, 'The flat of the hand finds no edge; raking light shows none.'), ready, grips);
}

/** The coats of a place as goes of compound. */
export const coatGoes = ({ volumes }: { readonly volumes: readonly Figure[] }, placing: Figure): Go[] =>
  volumes.map((volume, i) => ({ what: `Coat ${String(i + 1)}`, volume, placing }));

/** What the coats over washers cover in all: washers stand in the corners too, so that it is more than what was loose. */
function ranOutOver(c: Course, lastCoat: Figure): void {
  const half = c.ledger.compute(halfOf, { acrossMm: lastCoat }, 'Half the last coat');
  const [over, high] = sides(c).map((sizeMm) => c.ledger.compute(acrossRim, { sizeMm, rimMm: half }, 'Coats run out over'));
  if (over && high) c.amount('coated', 'Coats run out over', faceArea(c, over, high, 'Coats run out over'));
}

/** Small places filled with compound or spackle: dents, popped heads, little holes. */
export function fillSpots(c: Course): void {
  const { ledger } = c;
  const count = c.quantities.find((q) => q.id === 'points')?.figure ?? c.matter.measure('dents') ?? c.matter.measure('pops') ?? c.matter.measure('chips');
  const pops = c.matter.measure('pops') !== undefined;
  const level = levelOf(c);
  cover(c);
  // fastened plaster: only what its washers were sunk into is filled
  const sunk = (id: string) => (c.quantities.some((q) => q.id === 'points') ? c.quantities.find((q) => q.id === id)?.figure : undefined);
  const washer = sunk('washer');
  const size = washer ?? (pops ? c.get(boardWork.figures.dimple) : longer(c));
  const depth =
    sunk('sunk') ??
    (pops
      ? (c.matter.measure('standMm') ?? c.get(boardWork.figures.dimpleDeep))
      : (c.matter.subject.depth ?? c.matter.measure('boardMm') ?? c.get(boardWork.figures.spotDeep)));
  const past = feather(c, c.get(boardWork.figures.fillStands));
  c.work(dullFace(past, shines(c), c.matter.choice('paper') === 'yes'), c.byCount('vacuumSetUp', 'spotEach', count ?? c.rate('once'), 'Trimming'));
  const one = (washer ? undefined : c.matter.measured('void')) ?? ledger.compute(spotVolume, { acrossMm: size, depthMm: depth }, 'One place');
  const all = allOf(c, one, count);
  const coatMost = c.of('coatMost');
  const layers = ledger.compute(liftCount, { depthMm: depth, thickestMm: coatMost, least: c.stated('At least one', 'count', 1) }, 'Layers to fill');
  const thickness = ledger.compute(liftThickness, { depthMm: depth, lifts: layers }, 'A layer');
  const fill = mixed(c, ledger.compute(withShrinkage, { volumeMl: all, shrinks: c.of('shrink') }), 'Compound to fill');
  const each = ledger.compute(volumeShare, { volumeMl: fill, parts: layers }, 'Compound for a layer');
  const across = ledger.compute(acrossRim, { sizeMm: size, rimMm: past }, 'Last coat');
  const coats = c.get(level.value >= 5 ? boardWork.figures.spotCoatsFive : boardWork.figures.spotCoats);
  const thin = c.of('thin');
  const [width, height] = pops || washer ? [size, size] : sides(c);
  const wide = wideningCoats(c, {
    first: ledger.compute(acrossRim, { sizeMm: size, rimMm: c.get(boardWork.figures.firstPast) }, 'First coat'),
    last: across,
    coats,
    thin,
    spot: { width, height, count },
  });
  c.work(layOut(workedFor(c), 'pan and clean knife, lamp, pencil', c.resin), c.rate('readySetUp'));
  const spots = count ?? c.rate('once');
  const filling = c.byCount('nothing', 'spotEach', spots, 'Filling');
  const coating = c.byCount('nothing', 'spotEach', spots, 'A coat on the spots');
  const mix = makeReady(c, [
    ...Array.from({ length: layers.value }, (_v, i): Go => ({ what: `Fill, layer ${String(i + 1)}`, volume: each, placing: filling })),
    ...coatGoes(wide, coating),
  ]);
  for (let n = 1; n <= layers.value; n++) {
    if (n > 1) settle(c, thickness, 'coat');
    mix(n - 1);
    c.work(fillPlace(n, layers, each, thickness, isSetting(c)), filling, {
      lift: n,
      uses: [{ of: 'compound', amount: mix.taken(each) }],
    });
  }
  const mixCoat = (coat: number) => {
    mix(layers.value + coat);
  };
  workCoats(c, wide, coats, thin, { below: { thickness, covered: false }, under: depth, each: coating, ready: mixCoat, taken: mix.taken });
  smoothe(c, past, c.byCount('vacuumSetUp', 'sandEach', spots, 'Sanding the spots'));
  c.amount('feather', 'Feathered, each side', past);
  if (washer) ranOutOver(c, across);
  c.named = 'filled and feathered';
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: c.matter.subject.surface === 'plaster' ? 'plaster' : 'board',
      width: size,
      depth,
      ...(c.matter.measure('boardMm') && { groundMm: c.need('boardMm').value }),
      shape: 'dish',
      layers: Array.from({ length: layers.value }, (_v, i) => ({
        id: String(i + 1),
        material: 'compound' as const,
        lift: i + 1,
        thickness,
        title: say`fill, ${thickness}`,
      })),
      films: films(wide.widths),
    }),
  );
  if (c.isLast) finishBoard(c, wide.area);
}

/** A thin coat over the whole face. */
export function skimWhole(c: Course): void {
  const { ledger } = c;
  const length = c.matter.measure('lengthMm');
  const found =
    // all that was coated before it, else what is there to skim
    c.quantities.find((q) => q.id === 'coated')?.figure ??
    c.quantities.find((q) => q.id === 'area')?.figure ??
    c.matter.measured('area') ??
    c.matter.measured('hollow') ??
    (length ? strip(c, c.get(boardWork.figures.bay), 'Face to skim') : (c.matter.measure('faceMm2') ?? c.get(boardWork.figures.face)));
  const { area } = coated(c, found);
  levelOf(c);
  cover(c);
  if (c.isFirst) c.work(dullFace(c.get(boardWork.figures.dulledPastSkim), shines(c), false), c.byArea('vacuumSetUp', 'sandPerM2', area, 'Dulling the face'));
  // two skims do not bury a ridge
  if (c.isFirst && c.matter.choice('fault') === 'ridge') {
    ridgesDown(c, c.get(smoothAndPaint.figures.softens), c.byArea('nothing', 'sandPerM2', found, 'Taking the ridges down'));
  }
  const [coats, film] = [c.of('coats'), c.of('coat')];
  const one = mixed(c, ledger.compute(volumeFor, { areaMm2: area, coverM2L: c.of('cover') }, 'A skim coat'), 'Compound for a skim');
  const all = ledger.compute(volumeSum, { volumeMl: Array.from({ length: coats.value }, () => one) }, 'Skim in all');
  c.keepMix({
    id: 'skim',
    title: c.system.title,
    total: all,
    care: 'ready',
    batches: coats,
    parts: [{ what: 'Finishing compound', role: 'ready', amount: all, each: one }],
    says: [say`Thinned with a little water to the stiffness of cream; strained if there are crumbs.`],
  });
  for (let n = 1; n <= coats.value; n++) {
    if (n > 1) settle(c, film, 'coat');
    c.work(skimFace(n, coats, area, one, film), c.byArea('readySetUp', 'skimPerM2', area, 'A skim coat'), { lift: n, uses: [{ of: 'skim', amount: one }] });
  }
  settle(c, film, 'finish');
  smoothe(c, c.get(boardWork.figures.sandedPast), c.byArea('vacuumSetUp', 'sandPerM2', area, 'Sanding the face'));
  c.amount('skim', 'Skimmed', area);
  c.named = c.named === 'as found' ? 'skimmed' : `${c.named}, skimmed`;
  if (c.isFirst)
    c.sections.push(
      layeredSection({
        caption: say`Cut through, the face on top`,
        ground: c.matter.subject.surface === 'plaster' ? 'plaster' : 'board',
        width: c.matter.seen?.width ? longer(c) : (length ?? c.get(boardWork.figures.bay)),
        layers: [],
        films: Array.from({ length: coats.value }, (_v, i) => ({
          id: `skim-${String(i + 1)}`,
          title: say`skim ${String(i + 1)}, ${film}`,
          detail: i === 0 ? say`one way` : say`across it`,
        })),
      }),
    );
  finishBoard(c, area);
}
