import { timberWork } from '../../shelf/usual/timberWork.ts';
import { cutOutVolume } from '../../mixing/mortarBatch.ts';
import { sumOf } from '../../mixing/proportions.ts';
import { paredBottom, paredFace, paredVolume } from '../../mixing/timber.ts';
import { acrossRim } from '../../geometry/outline.ts';
import type { Figure } from '../../quantity/figure.ts';
import { backingFoam } from '../../shelf/auxiliaries/backingFoam.ts';
import { type Course } from '../course.ts';
import { volumeFor } from '../../mixing/proportions.ts';
import { grits } from '../../shelf/usual/grits.ts';
import { film, paintFace } from '../finish.ts';
import { coverUp, faceArea, sides, strip } from '../parts.ts';
import { clearCoat, inUse, paintDry, tryStain, wipeStain } from '../words/finishing.ts';
import { backHole, cutFoam, cutSound, foamCures } from '../words/timbering.ts';

/** Causes that no water has to do with. */
const knocked: ReadonlySet<string> = new Set(['impact', 'tool', 'hardware', 'bird', 'opened', 'load']);

/** What is to be filled: how wide it is drawn, its face, depth and volume. */
interface Place {
  readonly width: Figure;
  readonly height: Figure;
  readonly area: Figure;
  readonly depth: Figure;
  readonly volume: Figure;
  readonly through: boolean;
}

/** The place as it was found. */
export function placeOf(c: Course): Place {
  const section = c.matter.measure('sectionMm');
  const through = c.matter.subject.kind === 'timber-through';
  const depth = (through ? section : undefined) ?? c.matter.subject.depth ?? section ?? c.need('depthMm');
  const length = c.matter.measure('lengthMm');
  const [width, height] = length ? [c.need('widest'), length] : sides(c);
  const area = length ? strip(c, width, 'Face of the check') : (c.matter.measured('area') ?? faceArea(c, width, height, 'Face to fill'));
  const volume = c.matter.measured('void') ?? c.ledger.compute(cutOutVolume, { cutMm2: area, depthMm: depth }, 'To fill');
  return { width, height, area, depth, volume, through };
}

/**
 * The place as it is when it is prepared: decay is cut past what the point found. Not where soft wood is soaked and stays, nor where
 * the wood is sound, and a hole through was outlined as cut back.
 */
export function preparedPlace(c: Course): Place & { readonly pared?: Figure } {
  const found = placeOf(c);
  if (c.matter.subject.softEdge !== true || c.anyDoes('hardens-soft')) return found;
  const pared = c.get(timberWork.figures.pared);
  return { ...paredPlace(c, found, pared, c.need('sectionMm')), pared };
}

/** A pocket whose walls and bottom are pared back to wood that holds. */
function paredPlace({ ledger }: Course, { width, height, area, depth, volume, through }: Place, pared: Figure, section: Figure): Place {
  const bottom = ledger.compute(paredBottom, { paredMm: pared, depthMm: depth, sectionMm: section });
  const sizes = { widthMm: width, heightMm: height, areaMm2: area, paredMm: pared };
  const across = (sizeMm: Figure, label: string) => ledger.compute(acrossRim, { sizeMm, rimMm: pared }, label);
  return {
    width: across(width, 'Width as prepared'),
    height: across(height, 'Height as prepared'),
    area: ledger.compute(paredFace, sizes),
    depth: ledger.compute(sumOf, { partMm: [depth, bottom] }, 'Depth as prepared'),
    volume: ledger.compute(paredVolume, { ...sizes, volumeMl: volume, depthMm: depth, bottomMm: bottom }),
    through,
  };
}

/** @param pared how far past what the point found it is cut @param before what is done before anything is cut */
export function begin(c: Course, area: Figure, pared?: Figure, before?: () => void): void {
  coverUp(c, false);
  before?.();
  if (!c.once('cut-sound')) return;
  const most = c.limit(c.system.woodMoisture?.max, 'highest moisture');
  c.work(
    cutSound(area, most, pared, c.matter.choice('grain') === 'yes', !knocked.has(c.matter.choice('cause') ?? '')),
    c.byArea('readySetUp', 'scrapeWoodPerM2', area, 'Cutting back'),
  );
}

/** Whether what follows lets the wood, and what fills it, be seen. */
export const grainShows = (c: Course): boolean => ['clear', 'stain'].includes(c.matter.choice('finish') ?? '');

/** Grits that a face is left in: finer under what lets them be seen. */
export function gritsFor(c: Course): readonly [Figure, Figure] {
  const { clearGrit, clearFiner, grit, finer } = timberWork.figures;
  const seen = grainShows(c);
  return [c.get(seen ? clearGrit : grit), c.get(seen ? clearFiner : finer)];
}

/** Stain where it is asked for, tried first, and clear coats dulled between. */
function clearFace(c: Course, area: Figure, stained: boolean): void {
  const { ledger } = c;
  const figures = timberWork.figures;
  if (stained) {
    const stain = ledger.compute(volumeFor, { areaMm2: area, coverM2L: c.get(figures.stain) }, 'Stain');
    c.work(tryStain(), c.rate('matchColor'));
    c.work(wipeStain(stain, area), c.byArea('paintSetUp', 'paintPerM2', area, 'Staining'), { uses: [c.use('stain', 'Stain', 'coating', stain)] });
    const dry = c.film(c.get(figures.stainDry));
    c.wait(paintDry(dry.minutes, 'stain', c.outdoors), dry);
  }
  const [coats, coat, dry] = [c.get(figures.clearCoats), film(c, area, 'Clear coat, each'), c.film(c.get(figures.clearDry))];
  for (let n = 1; n <= coats.value; n++) {
    c.work(clearCoat(n, coats, coat, c.get(grits[320]), c.outdoors), c.byArea('paintSetUp', 'paintPerM2', area, 'A clear coat'), {
      turn: n,
      uses: [c.use('clear', 'Clear coat', 'coating', coat)],
    });
    c.wait(paintDry(dry.minutes, 'clear coat', c.outdoors), dry);
  }
  c.amount('clear', 'Clear coat, each', coat);
}

export function end(c: Course, area: Figure, after: string): void {
  const finish = c.matter.choice('finish');
  if (grainShows(c)) clearFace(c, area, finish === 'stain');
  else paintFace(c, { area, as: 'wood' }, 'acrylic primer: filler chalks in the sun, and oil primer may stay soft on it');
  const ready = c.curing(c.get('use' in c.system.ready ? c.system.ready.use : c.system.ready.foot), 'In use after');
  c.ready(inUse('use', ready.minutes, 'A nail leaves no dent; the edge is not felt.'), ready, after);
}

/**
 * Closes the back of a hole that goes through, once, before anything is soaked or primed: foam has to cure first,
 * and a primer does not wait for that.
 * @returns how far below the face it is closed
 */
export function closeBack(c: Course, depth: Figure): Figure {
  const foam = c.school('foam-behind', 'over') !== undefined;
  const back = foam ? c.ofAuxiliary(backingFoam, 'over') : depth;
  if (!c.once('back')) return back;
  const closed = c.rate('once');
  c.work(backHole(back, foam), c.byCount('readySetUp', 'fitEach', closed, 'Closing the back'), {
    uses: [
      foam
        ? c.use('backing-foam', 'Cans of backing foam, begun', 'foam', closed, backingFoam.id)
        : c.use('back-board', 'Board behind, with release film', 'backing', closed),
    ],
  });
  if (foam) {
    const cure = c.ofAuxiliary(backingFoam, 'cure');
    c.wait(foamCures(cure), c.fixed(cure));
    c.work(cutFoam(back), c.each('spotEach'));
  }
  return back;
}

/** How long after the primer filler may go on. */
export const fillerFrom = (c: Course): Figure => c.school('wood-primer', 'from') ?? c.get(timberWork.figures.fillerFrom);
