import type { PatchSystem } from './patchSystem.ts';
import { gypsumInDamp, insideOnly } from './remarks.ts';
import { asStated, of, readyIn } from './sourced.ts';

export const boardPatch = {
  id: 'board-patch',
  title: 'Board patch',
  family: 'gypsum',
  chemistry: 'board on framing or backers, taped',
  work: 'closes large holes in board and plaster',
  suits: ['drywall-hole', 'plaster-hole', 'plaster-loose'],
  alone: { kinds: ['plaster-loose'], remark: { grade: 'care', why: 'only after what is loose has been taken down', source: 'practice', change: 'take it down first, or fasten it back' } },
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { min: of(100, 'depth', 'practice', 'Smallest'), below: 'care' },
  sizeWhy: { small: 'a plug closes that sooner' },
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: gypsumInDamp,
    place: insideOnly,
    wetUse: {
      splashed: { grade: 'out', why: 'gypsum where it gets wet', source: 'practice', change: 'a board that bears water, and waterproofing' },
      'under-water': { grade: 'out', why: 'board has no place under water', source: 'practice' },
    },
    lath: {
      rusted: { grade: 'care', why: 'take the lath down to the framing', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(72),
  visits: of(3, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
