import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const twoPartCoating = {
  id: 'two-part-coating',
  title: 'Two-part coating',
  family: 'tub',
  chemistry: 'resin, catalyst and reducer, sprayed in mist coats',
  work: 'recolors tubs and their repairs',
  suits: ['tub-scratches'],
  hazards: ['isocyanate', 'solvent', 'sprayed'],
  preparation: 'as-found',
  does: ['sprayed'],
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
  figures: {
    parts: of(4, 'ratio', 'generic-sheet', 'Parts of resin'),
    catalyst: of(1, 'ratio', 'generic-sheet', 'Parts of catalyst'),
    reducer: of(2, 'ratio', 'generic-sheet', 'Parts of reducer'),
    coats: of(4, 'count', 'practice', 'Mist coats'),
    film: of(0.02, 'film', 'practice', 'Dry film of a mist coat'),
    solids: of(40, 'percent', 'generic-sheet', 'Solids by volume, as sprayed'),
    transfer: of(50, 'percent', 'practice', 'Reaches the face'),
    waste: of(10, 'percent', 'practice', 'Stays in jar and nozzle'),
    distance: of(300, 'depth', 'practice', 'Nozzle from the face'),
    jar: of(105, 'volume', 'practice', 'Most in the jar'),
    potLife: of(180, 'duration', 'generic-sheet', 'Sprayed within, at the reference temperature'),
    past: of(100, 'depth', 'practice', 'Sprayed past the repair'),
    hard: of(1440, 'duration', 'generic-sheet', 'Hard enough to wet-sand, at the reference temperature'),
    water: of(2880, 'duration', 'generic-sheet', 'Dry until, at the reference temperature'),
  },
} as const satisfies PatchSystem;
