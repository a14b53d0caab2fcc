import type { PatchSystem } from '../patchSystem.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const acrylicPolishOut = {
  id: 'acrylic-polish-out',
  title: 'Polished out',
  family: 'tub',
  chemistry: 'wet sanding and polishing',
  work: 'takes shallow scratches out of acrylic',
  suits: ['tub-nick', 'tub-scratches'],
  gives: ['closed', 'level', 'color', 'gloss'],
  preparation: 'as-found',
  width: {},
  depth: { max: of(0.5, 'depth', 'practice', 'Thickest in all') },
  flex: { max: of(1, 'depth', 'judgement', 'Most it may give') },
  sizeWhy: { deep: 'deeper than can be polished away without a hollow' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    shell: {
      gelcoat: { grade: 'care', why: 'gelcoat is thin: not through it', source: 'practice' },
      enamel: { grade: 'out', why: 'glass is not polished out', source: 'practice' },
      plastic: { grade: 'care', why: 'only where the color goes through', source: 'practice' },
      unknown: { grade: 'care', why: 'try in a hidden place', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(1),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    wider: of(15, 'depth', 'practice', 'Each grit reaches farther by'),
    speed: of(1200, 'count', 'practice', 'Turns a minute, no more'),
    test: of(30, 'duration', 'practice', 'Left to cool between grits'),
  },
} as const satisfies PatchSystem;
