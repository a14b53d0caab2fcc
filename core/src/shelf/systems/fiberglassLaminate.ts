import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const fiberglassLaminate = {
  id: 'fiberglass-laminate',
  title: 'Glass laminate',
  family: 'tub',
  chemistry: 'glass mat in polyester or epoxy',
  work: 'rebuilds floors and large holes of tubs',
  suits: ['tub-crack', 'tub-hole'],
  hazards: ['peroxide', 'hot', 'solvent'],
  gives: ['closed', 'level'],
  preparation: 'as-found',
  width: {},
  depth: {},
  flex: { max: of(1, 'depth', 'judgement', 'Most it may give') },
  overHole: { by: 'backing' },
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
  figures: {
    lap: of(50, 'depth', 'practice', 'Onto sound shell'),
    more: of(25, 'depth', 'practice', 'Each layer larger, each side'),
    layers: of(3, 'count', 'practice', 'Layers of mat'),
    layer: of(1, 'depth', 'generic-sheet', 'A layer, rolled out'),
    resinPerL: of(0.7, 'ratio', 'practice', 'Share of resin in a layer'),
    density: of(1.1, 'density', 'generic-sheet', 'Density of the resin'),
    potLife: of(15, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    cured: of(240, 'duration', 'generic-sheet', 'Cured and cool after, at the reference temperature'),
    loss: of(0.2, 'ratio', 'practice', 'Share lost on roller and tray'),
  },
} as const satisfies PatchSystem;
