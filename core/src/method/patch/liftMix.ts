import { byPail, withMixing } from '../batches.ts';
import { volumeShare, volumeSum } from '../../geometry/groove.ts';
import { batchesForWork, liquidFor, mortarToMix, powderFor, timeOfBatch } from '../../mixing/mortarBatch.ts';
import type { Figure } from '../../quantity/figure.ts';
import { gridLiftVolume, levelDepth, marginLiftVolume } from '../../geometry/depthGrid.ts';
import type { Course } from '../course.ts';
import { type SquareCut } from './squareCut.ts';

/** What is mixed for one lift: in how many batches, and what goes into one of them. */
export interface LiftMix {
  readonly each: Figure;
  readonly batch: Figure;
  readonly powder: Figure;
  readonly liquid: Figure;
  /** the shortest working time in which a batch can still be placed, its reserve kept */
  readonly needs: Figure;
  /** mixing the first of them, min; further ones are mixed while it is placed */
  readonly minutes: Figure;
}

/** A scrub coat: what it takes of the mix, and how long it is worked in before the lift goes on. */
export interface ScrubCoat {
  readonly volume: Figure;
  readonly minutes: Figure;
}

/** The batches of a lift: what it fills, its scrub coat and its loss, each batch scrubbed in and placed within its working time. */
export function mixForLift(
  c: Course,
  volumeMl: Figure,
  scrub: ScrubCoat | undefined,
  { potLife, hands }: { potLife: Figure; hands: Figure },
  of: string,
): LiftMix {
  const {
    ledger,
    rates,
    system: { mortar },
  } = c;
  if (!mortar) throw new Error(`${c.system.title} is no mortar`);
  const scrubMl = scrub?.volume ?? c.stated('No scrub coat', 'volume', 0);
  const toMix = ledger.compute(mortarToMix, { volumeMl, scrubMl, loss: c.get(mortar.loss) }, `Mortar to mix${of}`);
  const packing = c.byVolume('nothing', 'packPerL', toMix, `Packing it${of}`, hands);
  const placingMin = scrub ? c.together([scrub.minutes, packing], `Scrubbing in and packing${of}`) : packing;
  const byTime = ledger.compute(
    batchesForWork,
    { placingMin, potLifeMin: potLife, reserve: c.get(mortar.reserve), least: c.stated('At least one batch', 'count', 1) },
    `Batches${of}`,
  );
  const each = byPail(c, toMix, byTime);
  const batch = ledger.compute(volumeShare, { volumeMl: toMix, parts: each }, `One batch${of}`);
  const [powder, liquid] = powderAndLiquid(c, batch, ` of a batch${of}`);
  const needs = ledger.compute(timeOfBatch, { placingMin, batches: each, reserve: c.get(mortar.reserve) });
  return { each, batch, powder, liquid, needs, minutes: c.get(rates.mixMin) };
}

/** The volume of a level lift over an uneven bottom, its margin with it; nothing where the bottom is even. */
export function liftOver(c: Course, { uneven, depth }: SquareCut, edgeMm: Figure, liftMm: Figure, below: number): Figure | undefined {
  if (!uneven) return undefined;
  const level = (n: number) => c.ledger.compute(levelDepth, { depthMm: depth, liftMm, below: c.stated('Lifts below it', 'count', n) });
  const [bottomMm, topMm] = [level(below), level(below + 1)];
  const parts = [
    c.ledger.compute(gridLiftVolume, { ...uneven.grid, edgeMm, topMm, bottomMm }),
    c.ledger.compute(marginLiftVolume, { marginMm2: uneven.margin, edgeMm, topMm, bottomMm }),
  ];
  return c.ledger.compute(volumeSum, { volumeMl: parts }, `Lift ${String(below + 1)}`);
}

export function powderAndLiquid(c: Course, volumeMl: Figure, of: string): readonly [Figure, Figure] {
  const { mortar } = c.system;
  if (!mortar) throw new Error(`${c.system.title} is no mortar`);
  const powder = c.ledger.compute(powderFor, { volumeMl, yieldMlG: c.get(mortar.yieldMlG) }, `Powder${of}`);
  return [powder, c.ledger.compute(liquidFor, { powderG: powder, liquidShare: c.get(mortar.liquidShare) }, `Liquid${of}`)];
}

/** Hands-on time of each lift: all but its first batch are mixed while it is placed. */
export function packingMinutes(c: Course, volumes: readonly Figure[], mixes: readonly LiftMix[]): Figure[] {
  const one = c.stated('One batch', 'count', 1);
  return volumes.map((volume, i) => withMixing(c, c.byVolume('nothing', 'packPerL', volume, 'Packing a lift'), mixes[i]?.each ?? one, 'Packing a lift'));
}
