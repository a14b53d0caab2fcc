import type { PatchSystem } from './patchSystem.ts';
import { gelcoatOnly } from './remarks.ts';
import { dewMarginForResins, of, readyIn, resinCure } from './sourced.ts';

export const polyesterFiberPutty = {
  id: 'polyester-fiber-putty',
  title: 'Polyester fiber putty',
  family: 'tub',
  chemistry: 'glass-fiber polyester filler with paste hardener',
  work: 'rebuilds holes and cracks in tub walls',
  suits: ['tub-crack', 'tub-hole'],
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { max: of(100, 'depth', 'practice', 'Largest') },
  flex: { max: of(1, 'depth', 'judgement', 'Most it may give') },
  sizeWhy: { large: 'a laminate carries further' },
  slabC: { min: of(18, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    part: {
      floor: { grade: 'out', why: 'on a floor it cracks again: a laminate carries', source: 'practice', change: 'laminate it from behind' },
    },
    shell: gelcoatOnly,
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
