import { makeOffer, type OfferInput, type OfferMade, type OfferMemory } from '@oddment/core';

export type OfferTask = Omit<OfferInput, 'progress' | 'memory'>;
export type OfferAnswer = { readonly of: 'progress'; readonly done: number } | { readonly of: 'made'; readonly made: OfferMade };

let memory: OfferMemory = new Map();
let holdsFor = '';
/** told so often and no more: a message for each repair would take longer than some of them */
const tellEveryMs = 100;

globalThis.addEventListener('message', ({ data }: MessageEvent<OfferTask>) => {
  const { job, rules, products } = data;
  const { areas: _areas, ...basics } = job;
  const now = JSON.stringify([basics, rules, products]);
  // what was planned for the firm and the job as they were is no help any more
  if (now !== holdsFor) memory = new Map();
  holdsFor = now;
  let told = performance.now();
  const made = makeOffer({
    ...data,
    memory,
    progress: (done) => {
      if (performance.now() - told < tellEveryMs) return true;
      told = performance.now();
      globalThis.postMessage({ of: 'progress', done } satisfies OfferAnswer);
      return true;
    },
  });
  globalThis.postMessage({ of: 'made', made } satisfies OfferAnswer);
});
