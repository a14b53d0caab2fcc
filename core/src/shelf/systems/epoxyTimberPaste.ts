import type { PatchSystem } from '../patchSystem.ts';
import { carriesNoLoad, opaqueFinish, waterClosed } from '../remarks.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const epoxyTimberPaste = {
  id: 'epoxy-timber-paste',
  title: 'Epoxy timber paste',
  family: 'epoxy',
  chemistry: 'thixotropic two-part epoxy for timber, flexible, from a gun',
  work: 'rebuilds timber that has decayed or broken',
  suits: ['timber-decay', 'timber-dent', 'timber-through', 'timber-check'],
  alone: {
    kinds: ['timber-decay'],
    remark: { grade: 'care', why: 'soft fibers at its edge let go: harden them first', source: 'practice', change: 'soak them with a consolidant first' },
  },
  hazards: ['hot'],
  gives: ['closed', 'level', 'painted'],
  preparation: 'as-found',
  width: { min: of(2, 'crackWidth', 'practice', 'Narrowest check') },
  depth: { min: of(3, 'depth', 'generic-sheet', 'Thinnest'), max: of(100, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: {
    wall: of(25, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(25, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    most: of(4, 'count', 'practice', 'Most lifts'),
  },
  woodMoisture: { max: of(18, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  overHole: { by: 'backing' },
  sizeWhy: {
    narrow: 'a paste does not go to the bottom of it: thin resin does',
    thin: 'thinner than its edge holds',
    deep: 'an insert of wood does that better',
  },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    movement: {
      moving: { grade: 'out', why: 'rigid in a check that opens: it lets go', source: 'practice', change: 'leave it open to drain, or cap it' },
      unknown: { grade: 'care', why: 'if it opens and closes, it lets go', source: 'practice' },
    },
    finish: opaqueFinish,
    loaded: carriesNoLoad,
    water: waterClosed,
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    partB: of(1, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    potLife: of(30, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    mixMin: of(5, 'duration', 'practice', 'Worked on a board until it is of one color'),
    next: of(240, 'duration', 'generic-sheet', 'Next layer after, at the reference temperature'),
    hard: of(1440, 'duration', 'generic-sheet', 'Hard enough to shape, at the reference temperature'),
    proud: of(1.5, 'depth', 'practice', 'Left above the face'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost on board and knife'),
    density: of(1, 'density', 'generic-sheet', 'Density'),
  },
} as const satisfies PatchSystem;
