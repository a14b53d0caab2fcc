import type { PatchSystem } from './patchSystem.ts';
import { asStated, of, readyHours } from './sourced.ts';

export const vinylSpackle = {
  id: 'vinyl-spackle',
  title: 'Light filler',
  family: 'polymer',
  chemistry: 'ready filler for small dents',
  work: 'fills small dents inside',
  suits: ['drywall-dent', 'plaster-hole'],
  preparation: 'as-found',
  width: {},
  depth: { max: of(3, 'depth', 'practice', 'Thickest in all') },
  extent: { max: of(60, 'depth', 'practice', 'Largest') },
  sizeWhy: { deep: 'it shrinks and falls in', large: 'it shows over a larger place' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: {
      damp: { grade: 'out', why: 'gypsum softens where it stays damp', source: 'practice', change: 'stop the water, then dry it' },
      running: { grade: 'out', why: 'gypsum softens in water', source: 'practice', change: 'stop the water, then dry it' },
    },
    place: {
      outside: { grade: 'out', why: 'it softens in weather', source: 'practice' },
      'outside-salt': { grade: 'out', why: 'it softens in weather', source: 'practice' },
    },
    finish: {
      gloss: { grade: 'care', why: 'it flashes under gloss unless it is primed', source: 'practice' },
    },
    rated: {
      yes: { grade: 'out', why: 'not in a rated wall: the same board, framed, fastened and taped', source: 'practice', change: 'close it with the same board' },
      unknown: { grade: 'care', why: 'only if the wall is not rated', source: 'practice', change: 'find out whether it is rated' },
    },
  },
  cure: asStated,
  ready: readyHours(4, 4, 4),
  visits: of(1, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
