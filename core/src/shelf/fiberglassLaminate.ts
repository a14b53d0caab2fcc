import type { PatchSystem } from './patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from './sourced.ts';

export const fiberglassLaminate = {
  id: 'fiberglass-laminate',
  title: 'Glass laminate',
  family: 'tub',
  chemistry: 'glass mat in polyester or epoxy',
  work: 'rebuilds floors and large holes of tubs',
  suits: ['tub-crack', 'tub-hole'],
  preparation: 'as-found',
  width: {},
  depth: {},
  flex: { max: of(1, 'depth', 'judgement', 'Most it may give') },
  sizeWhy: {},
  slabC: { min: of(18, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    shell: {
      acrylic: { grade: 'care', why: 'only from behind, with what bonds to acrylic', source: 'practice' },
      plastic: { grade: 'out', why: 'polyester does not hold on this plastic', source: 'practice' },
      enamel: { grade: 'out', why: 'enameled metal is not laminated', source: 'practice' },
      unknown: { grade: 'care', why: 'treat it as plastic until it is known', source: 'practice', change: 'find out what the shell is' },
    },
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
