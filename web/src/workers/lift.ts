import { liftHeat, tell, type LiftMix, type LiftTrace, type UnitSystem } from '@oddment/core';

export interface LiftTask {
  readonly mix: LiftMix;
  readonly liftMm: number;
  readonly ambientC: number;
  readonly limitC: number;
  readonly units: UnitSystem;
}

/** Told in words: a saying's figures do not cross into the page. */
export type LiftAnswer =
  { readonly of: 'progress'; readonly done: number } | { readonly of: 'heat'; readonly sentences: readonly string[]; readonly trace: LiftTrace };

globalThis.addEventListener('message', ({ data: { units, ...task } }: MessageEvent<LiftTask>) => {
  const answer = (a: LiftAnswer) => {
    globalThis.postMessage(a);
  };
  const heat = liftHeat(task, {
    onProgress: (done) => {
      answer({ of: 'progress', done });
    },
  });
  const how = { units, timeZone: 'UTC' } as const;
  answer({
    of: 'heat',
    sentences: heat ? [heat.peak, heat.thickest, heat.warning].map((s) => tell(s, how)) : [],
    trace: heat?.trace ?? { overTime: [], atPeak: [] },
  });
});
