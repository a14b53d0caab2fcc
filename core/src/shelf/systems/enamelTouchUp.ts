import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const enamelTouchUp = {
  id: 'enamel-touch-up',
  title: 'Enamel touch-up',
  family: 'tub',
  chemistry: 'two-part filler for chips in porcelain enamel',
  work: 'fills chips in enamel',
  suits: ['tub-chip'],
  hazards: ['solvent'],
  gives: ['closed', 'level', 'color', 'gloss'],
  preparation: 'as-found',
  width: {},
  depth: { max: of(3, 'depth', 'practice', 'Thickest in all') },
  extent: { max: of(60, 'depth', 'practice', 'Largest') },
  sizeWhy: { deep: 'build it in coats over primed metal', large: 'a large place is coated whole' },
  slabC: { min: of(16, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    shell: {
      gelcoat: { grade: 'out', why: 'for enameled metal', source: 'practice' },
      acrylic: { grade: 'out', why: 'for enameled metal', source: 'practice' },
      plastic: { grade: 'out', why: 'for enameled metal', source: 'practice' },
    },
  },
  cure: resinCure,
  ready: readyIn(72),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    coat: of(0.15, 'film', 'generic-sheet', 'A coat'),
    coats: of(3, 'count', 'practice', 'Coats'),
    fillFrom: of(0.3, 'depth', 'practice', 'Deepest that coats alone make level'),
    low: of(0.2, 'depth', 'practice', 'Filler is left below the face by'),
    build: of(1.5, 'depth', 'practice', 'Thickest build of filler'),
    fillerB: of(1, 'ratio', 'generic-sheet', 'Hardener to one of filler, by volume'),
    fillNext: of(120, 'duration', 'generic-sheet', 'Filler hard enough to sand or build on, at the reference temperature'),
    next: of(90, 'duration', 'generic-sheet', 'Between coats, at the reference temperature'),
    partB: of(0.5, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    potLife: of(20, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    water: of(2880, 'duration', 'generic-sheet', 'Dry until, at the reference temperature'),
    loss: of(0.3, 'ratio', 'practice', 'Share left on card and brush'),
  },
} as const satisfies PatchSystem;
