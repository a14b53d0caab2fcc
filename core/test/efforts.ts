import type { Effort } from '../src/method/step.ts';

const perUnit = { m: 1000, 'm²': 1e6, L: 1000, piece: 1 } as const;

/** Minutes of an effort besides its set-up; nothing of a fixed time, which has no pace. */
export const pacedMin = (e: Effort): number =>
  e.by === 'fixed' ? 0 : (e.pace.value * (e.amount.value / perUnit[e.per]) * (e.passes?.value ?? 1)) / e.hands.value;

/** Minutes that an effort comes to, as planned. */
export const effortMin = (e: Effort): number => (e.by === 'fixed' ? e.minutes.value : e.setUp.value + pacedMin(e));
