import type { PatchSystem } from '../patchSystem.ts';
import { carriesNoLoad, opaqueFinish, waterClosed } from '../remarks.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const epoxyTimberPutty = {
  id: 'epoxy-timber-putty',
  title: 'Epoxy timber putty',
  family: 'epoxy',
  chemistry: 'kneaded two-part epoxy for timber',
  work: 'fills deep pockets in timber in lumps',
  suits: ['timber-decay', 'timber-dent', 'timber-through'],
  alone: {
    kinds: ['timber-decay'],
    remark: { grade: 'care', why: 'soft fibers at its edge let go: harden them first', source: 'practice', change: 'soak them with a consolidant first' },
  },
  hazards: ['hot'],
  gives: ['closed', 'level', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(5, 'depth', 'generic-sheet', 'Thinnest'), max: of(150, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: {
    wall: of(50, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(50, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    most: of(3, 'count', 'practice', 'Most lifts'),
  },
  woodMoisture: { max: of(18, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  overHole: { by: 'backing' },
  sizeWhy: { thin: 'a paste feathers, a putty does not', deep: 'an insert of wood does that better' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    finish: opaqueFinish,
    loaded: carriesNoLoad,
    water: waterClosed,
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    partB: of(1, 'ratio', 'generic-sheet', 'Hardener to one of resin, by level measure'),
    potLife: of(30, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    mixMin: of(3, 'duration', 'practice', 'Kneaded until no streak is seen'),
    next: of(240, 'duration', 'generic-sheet', 'Next layer after, at the reference temperature'),
    hard: of(1440, 'duration', 'generic-sheet', 'Hard enough to shape, at the reference temperature'),
    proud: of(1.5, 'depth', 'practice', 'Left above the face'),
    loss: of(0.08, 'ratio', 'practice', 'Share lost on hands and knife'),
    density: of(1.1, 'density', 'generic-sheet', 'Density'),
  },
} as const satisfies PatchSystem;
