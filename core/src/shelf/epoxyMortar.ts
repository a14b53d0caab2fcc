import type { PatchSystem } from './patchSystem.ts';
import { dewMarginForResins, of, readyHours, resinCure } from './sourced.ts';

export const epoxyMortar = {
  id: 'epoxy-mortar',
  title: 'Epoxy mortar, primed',
  family: 'epoxy',
  chemistry: 'epoxy resin with graded sand, troweled onto wet primer',
  work: 'rebuilds concrete in resin and sand',
  suits: ['slab-crack', 'concrete-spall', 'bar-spall', 'broken-edge'],
  preparation: 'chase',
  width: { min: of(10, 'depth', 'judgement', 'Narrowest groove to trowel') },
  depth: { min: of(5, 'depth', 'practice', 'Thinnest lift'), max: of(25, 'depth', 'practice', 'Thickest lift') },
  edge: of(5, 'depth', 'practice', 'Least square edge of a patch'),
  total: { min: of(5, 'depth', 'practice', 'Thinnest'), max: of(75, 'depth', 'judgement', 'Thickest in all') },
  lift: { floor: of(25, 'depth', 'practice', 'Thickest lift, floor'), wall: of(20, 'depth', 'judgement', 'Thickest lift, wall'), overhead: of(12, 'depth', 'judgement', 'Thickest lift, overhead'), most: of(3, 'count', 'practice', 'Most lifts') },
  sizeWhy: { narrow: 'too narrow to trowel', thin: 'thinner than it holds', deep: 'deeper than one lift' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest slab'), max: of(30, 'temperature', 'generic-sheet', 'Warmest slab') },
  dewMargin: dewMarginForResins,
  leastAge: of(28, 'age', 'practice', 'Least age of the slab'),
  remarks: {
    moisture: {
      damp: { grade: 'out', why: 'its primer does not bond to a damp slab', source: 'practice', change: 'dry the slab' },
      running: { grade: 'out', why: 'its primer does not bond in water', source: 'practice', change: 'stop the water first, then dry the slab' },
    },
    movement: {
      moving: { grade: 'out', why: 'rigid, it cracks beside', source: 'practice', change: 'treat it as a joint' },
      unknown: { grade: 'care', why: 'if it moves, it cracks beside', source: 'practice', change: 'gauge the crack through a season' },
    },
    finish: { stain: { grade: 'out', why: 'it takes no stain', source: 'practice', change: 'choose a coating instead of a stain' } },
    place: {
      outside: { grade: 'care', why: 'it moves with heat two to three times as much as concrete', source: 'practice' },
      'outside-salt': { grade: 'care', why: 'it moves with heat two to three times as much as concrete', source: 'practice' },
    },
    claim: { 'restore-strength': { grade: 'out', why: 'a filled groove does not restore strength', source: 'practice' } },
  },
  cure: resinCure,
  ready: readyHours(18, 24, 24),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
