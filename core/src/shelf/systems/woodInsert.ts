import type { PatchSystem } from '../patchSystem.ts';
import { carriesNoLoad, waterClosed } from '../remarks.ts';
import { asStated, dewMarginForResins, of, readyIn } from '../sourced.ts';

export const woodInsert = {
  id: 'wood-insert',
  title: 'Insert of wood',
  family: 'wood',
  chemistry: 'a glued inlay, grain and rings matched',
  work: 'replaces wood with wood',
  suits: ['timber-decay', 'timber-through', 'timber-dent'],
  gives: ['closed', 'level', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(5, 'depth', 'practice', 'Thinnest') },
  woodMoisture: { max: of(18, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  overHole: { by: 'backing' },
  sizeWhy: { thin: 'thinner than an inlay holds' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    loaded: carriesNoLoad,
    water: waterClosed,
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    past: of(10, 'depth', 'practice', 'Pocket cut past what is bad'),
    taper: of(0.5, 'depth', 'practice', 'Insert tapered, so that it closes tight'),
    over: of(1, 'depth', 'practice', 'Left above the face'),
    glue: of(0.2, 'film', 'generic-sheet', 'Film of glue'),
    open: of(15, 'duration', 'generic-sheet', 'Glue open for, at the reference temperature'),
    clamp: of(480, 'duration', 'generic-sheet', 'Clamped for, at the reference temperature'),
    side: of(6, 'depth', 'practice', 'Sides of a pocket no less than'),
  },
} as const satisfies PatchSystem;
