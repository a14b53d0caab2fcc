import type { PatchSystem } from '../patchSystem.ts';
import { noWaterThrough } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const lathAndPlaster = {
  id: 'lath-and-plaster',
  title: 'New lath and plaster',
  family: 'gypsum',
  chemistry: 'new lath, barrier where it is outside, and coats',
  work: 'renews plaster and what it hangs on',
  suits: ['plaster-hole', 'plaster-loose'],
  alone: {
    kinds: ['plaster-loose'],
    remark: { grade: 'care', why: 'only after what is loose has been taken down', source: 'practice', change: 'take it down first, or fasten it back' },
  },
  hazards: ['cement'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  does: ['new-lath'],
  width: {},
  depth: {},
  overHole: { by: 'backing' },
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
  figures: {
    lapLong: of(13, 'depth', 'astm-c1063', 'Lap of the long edges of lath'),
    lapEnd: of(25, 'depth', 'astm-c1063', 'Lap of the ends of lath'),
    fasten: of(178, 'depth', 'astm-c1063', 'Fasteners apart on a support'),
    step: of(50, 'depth', 'practice', 'Each coat stepped back at the edge'),
    finish: of(3.2, 'depth', 'astm-c926', 'Finish coat'),
    leastBase: of(2, 'count', 'astm-c926', 'Base coats on lath'),
    sandBase: of(3.5, 'ratio', 'astm-c926', 'Sand to one of cement and lime in the base coats, by volume'),
    sandFinish: of(2.5, 'ratio', 'astm-c926', 'Sand to one of cement and lime in the finish, by volume'),
    within: of(150, 'duration', 'astm-c926', 'Used within, from first water'),
    firm: of(240, 'duration', 'practice', 'Firm enough for the next, at the reference temperature'),
    dampDays: of(2, 'age', 'ibc-2512', 'Days moist after each base coat'),
    floatAfter: of(30, 'duration', 'practice', 'Floated after, at the reference temperature'),
    loss: of(0.15, 'ratio', 'practice', 'Share that falls'),
  },
} as const satisfies PatchSystem;
