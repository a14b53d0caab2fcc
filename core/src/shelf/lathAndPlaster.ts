import type { PatchSystem } from './patchSystem.ts';
import { noWaterThrough } from './remarks.ts';
import { asStated, of, readyIn } from './sourced.ts';

export const lathAndPlaster = {
  id: 'lath-and-plaster',
  title: 'New lath and plaster',
  family: 'gypsum',
  chemistry: 'new lath, barrier where it is outside, and coats',
  work: 'renews plaster and what it hangs on',
  suits: ['plaster-hole', 'plaster-loose'],
  alone: { kinds: ['plaster-loose'], remark: { grade: 'care', why: 'only after what is loose has been taken down', source: 'practice', change: 'take it down first, or fasten it back' } },
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: noWaterThrough,
    lath: {
      sound: { grade: 'care', why: 'sound lath need not come down', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(336),
  visits: of(4, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
