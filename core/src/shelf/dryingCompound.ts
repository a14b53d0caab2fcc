import type { PatchSystem } from './patchSystem.ts';
import { asStated, of, readyHours } from './sourced.ts';

export const dryingCompound = {
  id: 'drying-compound',
  title: 'Drying compound',
  family: 'gypsum',
  chemistry: 'ready-mixed joint compound that dries',
  work: 'finishes joints and shallow places',
  suits: ['drywall-dent', 'drywall-joint', 'fastener-pop', 'finish-fault', 'plaster-crack'],
  preparation: 'as-found',
  width: {},
  depth: { max: of(3, 'depth', 'practice', 'Thickest in all') },
  sizeWhy: { deep: 'it shrinks and cracks in a thick coat' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    look: {
      raking: { grade: 'care', why: 'a spot shows in raking light', source: 'practice', change: 'skim the whole face' },
    },
    moisture: {
      damp: { grade: 'out', why: 'gypsum softens where it stays damp', source: 'practice', change: 'stop the water, then dry it' },
      running: { grade: 'out', why: 'gypsum softens in water', source: 'practice', change: 'stop the water, then dry it' },
    },
    movement: {
      moving: { grade: 'out', why: 'it cracks again', source: 'practice', change: 'hold what moves, or tape over it' },
      unknown: { grade: 'care', why: 'if it moves, it cracks again', source: 'practice' },
    },
    place: {
      outside: { grade: 'out', why: 'it softens in weather', source: 'practice' },
      'outside-salt': { grade: 'out', why: 'it softens in weather', source: 'practice' },
    },
    wetUse: {
      splashed: { grade: 'care', why: 'only where tile or paint keeps the water off', source: 'practice' },
      'under-water': { grade: 'out', why: 'it softens under water', source: 'practice' },
    },
    softened: {
      soft: { grade: 'out', why: 'it does not hold on softened board', source: 'practice', change: 'cut out what is soft' },
    },
  },
  cure: asStated,
  ready: readyHours(24, 24, 24),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
