import { concreteBelow, neatResin, safeLiftTable, sandFilledResin, stillAirWm2K, type CureKinetics, type SafeLiftTable } from '@oddment/core';

export interface SafeLiftTask {
  readonly kinetics: CureKinetics;
  /** a mortar of resin and sand, or resin alone */
  readonly filled: boolean;
}

export type SafeLiftAnswer = { readonly of: 'progress'; readonly done: number } | { readonly of: 'table'; readonly table: SafeLiftTable };

const limitC = 60;
const mostMm = 60;

globalThis.addEventListener('message', ({ data: { kinetics, filled } }: MessageEvent<SafeLiftTask>) => {
  const answer = (a: SafeLiftAnswer) => {
    globalThis.postMessage(a);
  };
  const table = safeLiftTable({ kinetics, lift: filled ? sandFilledResin : neatResin, substrate: concreteBelow, filmWm2K: stillAirWm2K }, limitC, mostMm, {
    onProgress: (done) => {
      answer({ of: 'progress', done });
    },
  });
  if (table) answer({ of: 'table', table });
});
