import type { PatchSystem } from './patchSystem.ts';
import { asStated, of, readyHours } from './sourced.ts';

export const skimCoat = {
  id: 'skim-coat',
  title: 'Skim coat',
  family: 'gypsum',
  chemistry: 'a thin coat over the whole face',
  work: 'evens a whole face for gloss or raking light',
  suits: ['finish-fault', 'plaster-crack', 'drywall-dent'],
  preparation: 'as-found',
  width: {},
  depth: { max: of(3, 'depth', 'practice', 'Thickest in all') },
  sizeWhy: { deep: 'thicker than a skim' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: {
      damp: { grade: 'out', why: 'gypsum softens where it stays damp', source: 'practice', change: 'stop the water, then dry it' },
      running: { grade: 'out', why: 'gypsum softens in water', source: 'practice', change: 'stop the water, then dry it' },
    },
    movement: {
      moving: { grade: 'out', why: 'it cracks again over what moves', source: 'practice' },
      unknown: { grade: 'care', why: 'it cracks again over what moves', source: 'practice' },
    },
    place: {
      outside: { grade: 'out', why: 'it softens in weather', source: 'practice' },
      'outside-salt': { grade: 'out', why: 'it softens in weather', source: 'practice' },
    },
    wetUse: {
      splashed: { grade: 'care', why: 'only where tile or paint keeps the water off', source: 'practice' },
      'under-water': { grade: 'out', why: 'it softens under water', source: 'practice' },
    },
    body: {
      crumbling: { grade: 'out', why: 'it hangs on what crumbles', source: 'practice', change: 'consolidate or take it down' },
    },
    finish: {
      covering: { grade: 'care', why: 'a covering hides what a skim evens', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyHours(48, 48, 48),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
