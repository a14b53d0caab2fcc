import type { PatchSystem } from '../patchSystem.ts';
import { dryByUse, gypsumInDamp, insideOnly, notRated } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const vinylSpackle = {
  id: 'vinyl-spackle',
  title: 'Light filler',
  family: 'polymer',
  chemistry: 'ready filler for small dents',
  work: 'fills small dents inside',
  suits: ['drywall-dent', 'plaster-hole'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: { max: of(3, 'depth', 'practice', 'Thickest in all') },
  extent: { max: of(60, 'depth', 'practice', 'Largest') },
  overHole: { by: 'itself', max: of(6, 'depth', 'practice', 'Largest hole with nothing behind it') },
  sizeWhy: { deep: 'it shrinks and falls in', large: 'it shows over a larger place' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    wetUse: dryByUse,
    moisture: gypsumInDamp,
    place: insideOnly,
    finish: {
      gloss: { grade: 'care', why: 'it flashes under gloss unless it is primed', source: 'practice' },
    },
    rated: notRated,
  },
  cure: asStated,
  ready: readyIn(4),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    coatMost: of(3, 'film', 'generic-sheet', 'Thickest coat'),
    thin: of(0.5, 'film', 'practice', 'A finishing coat'),
    dry: of(120, 'duration', 'generic-sheet', 'Dry after, each coat'),
    shrink: of(0.1, 'ratio', 'practice', 'Shrinks by'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
