import { setTimeout as wait } from 'node:timers/promises';

/** The time of the server: running, or standing still for tests and pictures. */
export interface Clock {
  readonly now: () => Date;
  readonly frozen: boolean;
  /** lets a time in ms pass */
  readonly pause: (ms: number) => Promise<void>;
}

const pause = async (ms: number) => {
  await wait(ms);
};

/** A running clock, or one that stands at an instant. */
export function clockAt(instant?: string): Clock {
  if (instant === undefined || instant === '') return { now: () => new Date(), frozen: false, pause };
  return { now: () => new Date(instant), frozen: true, pause };
}
