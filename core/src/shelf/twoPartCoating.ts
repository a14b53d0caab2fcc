import type { PatchSystem } from './patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from './sourced.ts';

export const twoPartCoating = {
  id: 'two-part-coating',
  title: 'Two-part coating',
  family: 'tub',
  chemistry: 'resin, catalyst and reducer, sprayed in mist coats',
  work: 'recolors tubs and their repairs',
  suits: ['tub-scratches'],
  preparation: 'as-found',
  width: {},
  depth: {},
  flex: { max: of(1, 'depth', 'judgement', 'Most it may give') },
  sizeWhy: {},
  slabC: { min: of(18, 'temperature', 'generic-sheet', 'Coldest'), max: of(27, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    occupied: {
      inside: { grade: 'care', why: 'fumes: nobody in the room, and an air plan', source: 'practice' },
    },
  },
  cure: resinCure,
  ready: readyIn(48),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
