import type { PatchSystem } from '../patchSystem.ts';
import { carriesAsDrawn, waterClosed } from '../remarks.ts';
import { asStated, dewMarginForResins, of, readyIn } from '../sourced.ts';

export const woodSplice = {
  id: 'wood-splice',
  title: 'Spliced end',
  family: 'wood',
  chemistry: 'new wood scarfed to the old',
  work: 'renews a decayed end',
  suits: ['timber-decay'],
  gives: ['closed', 'level', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { min: of(80, 'depth', 'practice', 'Smallest') },
  woodMoisture: { max: of(18, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  sizeWhy: { small: 'an insert or a filler keeps more of the old wood' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    end: {
      no: { grade: 'out', why: 'for an end that has decayed; this lies within the length', source: 'practice' },
    },
    loaded: carriesAsDrawn,
    water: waterClosed,
    finish: {
      clear: { grade: 'care', why: 'the scarf shows under a clear finish', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(48),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    past: of(50, 'depth', 'practice', 'Sound wood cut away past what is bad'),
    slope: of(8, 'ratio', 'practice', 'Length of the scarf to one of thickness'),
    glue: of(0.3, 'film', 'generic-sheet', 'Film of glue'),
    open: of(15, 'duration', 'generic-sheet', 'Glue open for, at the reference temperature'),
    clamp: of(1440, 'duration', 'generic-sheet', 'Clamped for, at the reference temperature'),
    over: of(1, 'depth', 'practice', 'Left above the face'),
  },
} as const satisfies PatchSystem;
