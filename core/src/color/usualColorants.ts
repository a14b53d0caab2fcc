import type { Colorant } from './mixing.ts';

/** A white gelcoat or filler as it comes: measure the one in the pot, it goes first. */
export const whiteBase: Colorant = { id: 'white-base', title: 'white base', masstone: { l: 95.5, a: -0.8, b: 1.8 }, strength: 1 };

/** Tinting pastes of the usual pigments (assumed colors and strengths: measure a dab of each, or let the first dabs teach them). */
export const usualTints: readonly Colorant[] = [
  { id: 'white', title: 'white paste', masstone: { l: 97, a: -0.6, b: 1.2 }, strength: 2.5 },
  { id: 'black', title: 'black paste', masstone: { l: 25, a: 0.2, b: -0.4 }, strength: 1.6 },
  { id: 'yellow-oxide', title: 'yellow oxide paste', masstone: { l: 60, a: 17, b: 52 }, strength: 1.3 },
  { id: 'red-oxide', title: 'red oxide paste', masstone: { l: 38, a: 32, b: 24 }, strength: 1.5 },
  { id: 'umber', title: 'raw umber paste', masstone: { l: 36, a: 6, b: 12 }, strength: 1.3 },
  { id: 'blue', title: 'blue paste', masstone: { l: 30, a: 8, b: -38 }, strength: 1.5 },
];
