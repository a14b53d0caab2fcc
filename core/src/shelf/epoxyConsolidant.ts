import type { PatchSystem } from './patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from './sourced.ts';

/** Only ever a part of a combination. */
export const epoxyConsolidant = {
  id: 'epoxy-consolidant',
  title: 'Epoxy consolidant',
  family: 'epoxy',
  chemistry: 'thin two-part epoxy that soaks into soft wood',
  work: 'hardens soft wood before it is filled',
  suits: [],
  preparation: 'as-found',
  width: {},
  depth: {},
  woodMoisture: { max: of(18, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    loaded: {
      yes: { grade: 'out', why: 'it carries no load', source: 'practice', change: 'a repair under load is for the engineer' },
    },
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
