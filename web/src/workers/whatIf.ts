import { keepSheet, plannedOf, planRepair, sheetOf, type KeptSheet, type PatchSystem, type PlanInput } from '@oddment/core';

/** The shelf is sent once, what is tried out each time. */
export type WhatIfTask =
  { readonly shelf: readonly PatchSystem[] } | { readonly turn: number; readonly input: Omit<PlanInput, 'shelf'>; readonly tried?: readonly PatchSystem[] };

/** The sheet of what is tried out, with its figures; nothing where its questions are open. */
export interface WhatIfAnswer {
  readonly turn: number;
  readonly kept?: KeptSheet;
}

let shelf: readonly PatchSystem[] = [];

globalThis.addEventListener('message', ({ data }: MessageEvent<WhatIfTask>) => {
  if ('shelf' in data) {
    shelf = data.shelf;
    return;
  }
  const plan = plannedOf(planRepair({ ...data.input, shelf: data.tried ?? shelf }));
  globalThis.postMessage({ turn: data.turn, ...(plan && { kept: keepSheet(sheetOf(plan, data.input.job), plan.ledger) }) } satisfies WhatIfAnswer);
});
