import type { PatchSystem } from '../patchSystem.ts';
import { gelcoatOnly } from '../remarks.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const gelcoatPaste = {
  id: 'gelcoat-paste',
  title: 'Gelcoat paste',
  family: 'tub',
  chemistry: 'gel paste with liquid hardener',
  work: 'fills nicks in gelcoat',
  suits: ['tub-nick'],
  hazards: ['peroxide', 'solvent'],
  gives: ['closed', 'level', 'color', 'gloss'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(1.5, 'depth', 'practice', 'Thinnest'), max: of(3, 'depth', 'practice', 'Thickest in all'), below: 'care' },
  extent: { max: of(40, 'depth', 'practice', 'Largest') },
  flex: { max: of(1, 'depth', 'judgement', 'Most it may give') },
  sizeWhy: {
    thin: 'too shallow to hold as it is: it is picked out to a key first',
    deep: 'fill it to within a hair with polyester filler first',
    large: 'a larger place is puttied and coated',
  },
  slabC: { min: of(16, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    shell: gelcoatOnly,
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    over: of(0.3, 'depth', 'practice', 'Left above the face: it shrinks'),
    dose: of(2, 'percent', 'generic-sheet', 'Hardener by weight, in a warm room'),
    doseLeast: of(1, 'percent', 'generic-sheet', 'Least hardener'),
    doseMost: of(3, 'percent', 'generic-sheet', 'Most hardener'),
    density: of(1.2, 'density', 'generic-sheet', 'Density of the paste'),
    hardenerDensity: of(1.15, 'density', 'generic-sheet', 'Density of the hardener'),
    dropsPerMl: of(33, 'count', 'practice', 'Drops in a milliliter'),
    potLife: of(12, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    soft: of(25, 'duration', 'practice', 'Tape off while it is soft, after'),
    hard: of(180, 'duration', 'generic-sheet', 'Nail-hard after, at the reference temperature'),
    loss: of(0.3, 'ratio', 'practice', 'Share left on card and spreader'),
  },
} as const satisfies PatchSystem;
