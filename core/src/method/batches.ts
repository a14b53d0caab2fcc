import { manyDurations, hottestFor } from '../cure/reaction.ts';
import { batchesBySize, batchesForWork, timeOfBatch, timeToPlace } from '../mixing/mortarBatch.ts';
import type { Figure } from '../quantity/figure.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { RateId } from '../shelf/rates.ts';
import { anyWork } from '../shelf/usual/anyWork.ts';
import type { CourseFigures } from './courseFigures.ts';
import type { MixRound } from './work.ts';

/** The working time that placing so much takes, the usual reserve kept. */
export function needsToPlace(c: CourseFigures, volumeMl: Figure, pace: RateId, reserve = c.get(anyWork.figures.reserve)): Figure {
  return c.ledger.compute(timeToPlace, { volumeMl, minPerL: c.get(c.rates[pace]), hands: c.hands, reserve });
}

/** Batches that differ from others of their mix: what they are for, how often one is mixed, and what goes into it. */
export const roundOf = (title: string, times: Figure, parts: Readonly<Record<string, Figure>>): MixRound => ({
  title: say`${title}`,
  times,
  parts: Object.entries(parts).map(([what, amount]) => ({ what, amount })),
});

/** No batch larger than the firm's pail: the batches that the working time asks for, or more of them. */
export function byPail(c: CourseFigures, volumeMl: Figure, batches: Figure): Figure {
  const most = c.rate('batchMost');
  return atMost(volumeMl.value / batches.value, most.value) ? batches : c.ledger.compute(batchesBySize, { volumeMl, mostMl: most, least: batches });
}

/** What is said of batches that are as many as the pail asks for. */
export function pailWords(c: CourseFigures, batches: readonly Figure[]): readonly Saying[] {
  const bySize = batches.some(({ origin }) => origin.by === 'formula' && origin.formula === batchesBySize.name);
  return bySize ? [say`No batch is larger than ${c.rate('batchMost')}: a pail, a mixer and two arms.`] : [];
}

/** In how many batches something is placed within its working time, and the working time that one of them needs. */
export function batchesOf(
  c: CourseFigures,
  placingMin: Figure,
  potLifeMin: Figure,
  what = '',
  reserve = c.get(anyWork.figures.reserve),
): { readonly batches: Figure; readonly needs: Figure } {
  const least = c.stated('At least one batch', 'count', 1);
  const batches = c.ledger.compute(batchesForWork, { placingMin, potLifeMin, reserve, least }, what === '' ? 'Batches' : `Batches, ${what}`);
  return { batches, needs: c.ledger.compute(timeOfBatch, { placingMin, batches, reserve }) };
}

/** Placing something, and mixing what of it is mixed while it is placed: all but the first batch. */
export function withMixing(c: CourseFigures, placingMin: Figure, batches: Figure, label: string): Figure {
  if (batches.value < 2) return placingMin;
  const count = c.stated('Further batches', 'count', batches.value - 1);
  return c.together([placingMin, c.ledger.compute(manyDurations, { durationMin: c.rate('mixMin'), count }, 'Mixing the further batches')], label);
}

/** Between which temperatures of the ground a mix keeps to the working time that its batches need. */
export function bandOf(c: CourseFigures, gelAt23Min: Figure, needMin: Figure): { readonly least?: Figure; readonly most: Figure } {
  const hottest = c.ledger.compute(hottestFor, { gelAt23Min, needMin });
  const { min, max } = c.system.slabC;
  return { ...(min && { least: c.get(min) }), most: max && atLeast(hottest.value, max.value) ? c.get(max) : hottest };
}
