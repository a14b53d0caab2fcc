import type { Auxiliary } from './auxiliary.ts';

export const bondBreakerTape = {
  id: 'bond-breaker-tape',
  title: 'Bond-breaker tape',
  what: 'keeps a shallow bead off the bottom of its rout',
  figures: {},
} as const satisfies Auxiliary;
