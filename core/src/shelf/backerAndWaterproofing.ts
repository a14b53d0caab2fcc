import type { PatchSystem } from './patchSystem.ts';
import { asStated, of, readyIn } from './sourced.ts';

export const backerAndWaterproofing = {
  id: 'backer-and-waterproofing',
  title: 'Backer board and waterproofing',
  family: 'gypsum',
  chemistry: 'cement backer board and a membrane',
  work: 'renews what stands behind tile',
  suits: ['drywall-hole'],
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { min: of(100, 'depth', 'practice', 'Smallest') },
  sizeWhy: { small: 'open it to sound framing: it gets larger' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    wetUse: {
      dry: { grade: 'out', why: 'a dry wall needs no waterproofing', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(72),
  visits: of(3, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
