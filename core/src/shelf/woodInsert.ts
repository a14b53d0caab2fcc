import type { PatchSystem } from './patchSystem.ts';
import { asStated, dewMarginForResins, of, readyHours } from './sourced.ts';

export const woodInsert = {
  id: 'wood-insert',
  title: 'Insert of wood',
  family: 'wood',
  chemistry: 'a glued inlay, grain and rings matched',
  work: 'replaces wood with wood',
  suits: ['timber-decay', 'timber-through', 'timber-dent'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(5, 'depth', 'practice', 'Thinnest') },
  woodMoisture: { max: of(18, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  sizeWhy: { thin: 'thinner than an inlay holds' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    loaded: {
      yes: { grade: 'out', why: 'it carries no load', source: 'practice', change: 'a repair under load is for the engineer' },
      unknown: { grade: 'care', why: 'only if it carries no load', source: 'practice', change: 'find out whether it carries load' },
    },
    water: {
      open: { grade: 'out', why: 'water still gets in: it fails from behind', source: 'practice', change: 'stop the water first' },
    },
  },
  cure: asStated,
  ready: readyHours(24, 24, 24),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
