import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyHours, resinCure } from '../sourced.ts';

export const epoxyMortar = {
  id: 'epoxy-mortar',
  title: 'Epoxy mortar, primed',
  family: 'epoxy',
  chemistry: 'epoxy resin with graded sand, troweled onto wet primer',
  work: 'rebuilds concrete in resin and sand',
  suits: ['slab-crack', 'concrete-spall', 'bar-spall', 'broken-edge'],
  hazards: ['hot'],
  gives: ['closed', 'edges', 'painted'],
  preparation: 'chase',
  width: { min: of(10, 'depth', 'judgement', 'Narrowest groove to trowel') },
  depth: { min: of(5, 'depth', 'practice', 'Thinnest lift'), max: of(25, 'depth', 'practice', 'Thickest lift') },
  edge: of(5, 'depth', 'practice', 'Least square edge of a patch'),
  total: { min: of(5, 'depth', 'practice', 'Thinnest'), max: of(75, 'depth', 'judgement', 'Thickest in all') },
  lift: {
    floor: of(25, 'depth', 'practice', 'Thickest lift, floor'),
    wall: of(20, 'depth', 'judgement', 'Thickest lift, wall'),
    overhead: of(12, 'depth', 'judgement', 'Thickest lift, overhead'),
    most: of(3, 'count', 'practice', 'Most lifts'),
  },
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
  figures: {
    potLife: of(30, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    packing: of(0.6, 'ratio', 'practice', 'Share of the volume that sand fills'),
    primer: of(0.3, 'film', 'generic-sheet', 'Film of neat resin on the ground'),
    primerOpen: of(45, 'duration', 'generic-sheet', 'Covered while tacky, at the reference temperature'),
    partB: of(0.5, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    hard: of(600, 'duration', 'generic-sheet', 'Hard enough to grind, at the reference temperature'),
    surplus: of(1.1, 'ratio', 'practice', 'Surplus for wetting the sand, and what is lost on tools'),
  },
} as const satisfies PatchSystem;
