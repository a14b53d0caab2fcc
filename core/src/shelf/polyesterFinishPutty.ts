import type { PatchSystem } from './patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from './sourced.ts';

/** Only ever a part of a combination. */
export const polyesterFinishPutty = {
  id: 'polyester-finish-putty',
  title: 'Polyester finish putty',
  family: 'tub',
  chemistry: 'fine polyester glazing putty',
  work: 'smooths a rebuilt face before color',
  suits: [],
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(18, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    shell: {
      enamel: { grade: 'care', why: 'over bare metal it wants a primer', source: 'practice' },
    },
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
