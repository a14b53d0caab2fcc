import type { PatchSystem } from './patchSystem.ts';
import { asStated, of, readyHours } from './sourced.ts';

export const settingCompound90 = {
  id: 'setting-compound-90',
  title: 'Setting compound, ninety minutes',
  family: 'gypsum',
  chemistry: 'joint compound that sets by itself, mixed with water',
  work: 'fills and beds in board and plaster',
  suits: ['drywall-dent', 'drywall-hole', 'drywall-joint', 'fastener-pop', 'plaster-crack', 'plaster-hole'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(0.5, 'depth', 'practice', 'Thinnest'), max: of(12, 'depth', 'practice', 'Thickest in all') },
  extent: { max: of(150, 'depth', 'practice', 'Largest') },
  sizeWhy: { thin: 'a finishing compound does that', deep: 'fill behind it first', large: 'a patch of board or mesh bridges that' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
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
    rated: {
      yes: { grade: 'out', why: 'not in a rated wall: the same board, framed, fastened and taped', source: 'practice', change: 'close it with the same board' },
      unknown: { grade: 'care', why: 'only if the wall is not rated', source: 'practice', change: 'find out whether it is rated' },
    },
    softened: {
      soft: { grade: 'out', why: 'it does not hold on softened board', source: 'practice', change: 'cut out what is soft' },
    },
    binder: {
      lime: { grade: 'care', why: 'gypsum over lime only inside and dry', source: 'practice' },
    },
    body: {
      crumbling: { grade: 'out', why: 'it hangs on what crumbles', source: 'practice', change: 'consolidate or take it down' },
    },
    lath: {
      rusted: { grade: 'out', why: 'the lath has rusted', source: 'practice', change: 'renew the lath first' },
      missing: { grade: 'out', why: 'there is no lath', source: 'practice', change: 'put up lath first' },
    },
  },
  cure: asStated,
  ready: readyHours(8, 8, 8),
  visits: of(1, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
