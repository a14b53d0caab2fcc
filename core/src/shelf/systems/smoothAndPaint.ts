import type { PatchSystem } from '../patchSystem.ts';
import { dryByUse, insideOnly } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

/** Faults that nothing has to be filled for: what stands up comes down, what shines through is primed. */
export const smoothAndPaint = {
  id: 'smooth-and-paint',
  title: 'Smoothed, primed, painted',
  family: 'gypsum',
  chemistry: 'no filler: what stands up is taken down, and the face primed alike',
  work: 'takes ridges and scratches away and evens what shines through',
  suits: ['finish-fault'],
  gives: ['level', 'texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    place: insideOnly,
    wetUse: dryByUse,
    fault: {
      hump: { grade: 'out', why: 'a hump sanded down is sanded into its paper', source: 'practice', change: 'run it out wide with compound' },
      blister: { grade: 'out', why: 'under a blister nothing holds', source: 'practice', change: 'cut it out and fill what is left' },
    },
  },
  cure: asStated,
  ready: readyIn(2),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    wetted: of(0.3, 'film', 'judgement', 'Compound that a sponge or a mist wets'),
    softens: of(10, 'duration', 'practice', 'A wet cloth softens drying compound in'),
  },
} as const satisfies PatchSystem;
