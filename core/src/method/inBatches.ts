import { batchesHere } from '../mixing/mortarBatch.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Asked } from './handsOn.ts';

/** In how many batches a mix is made, and how large one is. */
export interface Counted {
  readonly batches: Figure;
  readonly batch: Figure;
}

/**
 * A step that places more of a mix than is placed within its working time says in how many batches: who works from the step alone mixes
 * all of it at once otherwise.
 * @param counted the mixes that no step of their own tells the batches of, by their id
 * @returns what is added to the words of each step, by its id
 */
export function inBatches(ledger: Ledger, counted: ReadonlyMap<string, Counted>, asked: ReadonlyMap<string, Asked>): ReadonlyMap<string, Saying> {
  const placedIn = (mix: string) => [...asked.values()].filter(({ uses }) => uses.some((u) => u.of === mix)).length;
  return new Map(
    [...asked].flatMap(([step, { uses }]): (readonly [string, Saying])[] => {
      const words = uses.flatMap(({ of, amount }): Saying => {
        const mix = counted.get(of);
        if (!mix || mix.batches.value < 2) return [];
        const here =
          placedIn(of) === 1 || amount.kind !== mix.batch.kind
            ? mix.batches
            : ledger.compute(batchesHere, { volumeMl: amount, batchMl: mix.batch }, 'Batches here');
        return here.value > 1 ? [...say`; in ${here} batches, each mixed when the one before is used up`] : [];
      });
      return words.length > 0 ? [[step, words]] : [];
    }),
  );
}
