import type { PatchSystem } from '../patchSystem.ts';
import { carriesNoLoad, waterClosed } from '../remarks.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const epoxyPourTinted = {
  id: 'epoxy-pour-tinted',
  title: 'Tinted epoxy pour',
  family: 'epoxy',
  chemistry: 'pourable two-part epoxy, tinted to the wood',
  work: 'fills checks and holes in clear-finished wood',
  suits: ['timber-check', 'timber-through', 'timber-dent'],
  hazards: ['hot'],
  gives: ['closed', 'level', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(1, 'depth', 'generic-sheet', 'Thinnest'), max: of(100, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: {
    wall: of(25, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    most: of(4, 'count', 'practice', 'Most lifts'),
    halvedAbove: of(27, 'temperature', 'judgement', 'Air above which a pour is half as deep: wood takes no heat away'),
  },
  woodMoisture: { max: of(16, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  overHole: { by: 'backing' },
  sizeWhy: { thin: 'a wax or a finish fills that', deep: 'an insert of wood does that better' },
  slabC: { min: of(15, 'temperature', 'generic-sheet', 'Coldest'), max: of(30, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    movement: {
      moving: { grade: 'out', why: 'a check that opens tears it out', source: 'practice', change: 'leave it open, or an insert that may move' },
      unknown: { grade: 'care', why: 'if the check opens, it tears out', source: 'practice' },
    },
    finish: {
      paint: { grade: 'care', why: 'a paste does that for less under paint', source: 'practice' },
    },
    place: {
      outside: { grade: 'out', why: 'it yellows and lets go in sun', source: 'practice' },
      'outside-salt': { grade: 'out', why: 'it yellows and lets go in sun', source: 'practice' },
    },
    position: {
      overhead: { grade: 'out', why: 'it runs out', source: 'practice' },
    },
    loaded: carriesNoLoad,
    water: waterClosed,
  },
  cure: resinCure,
  ready: readyIn(72),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    pouredFrom: of(3, 'depth', 'practice', 'Narrower, it is put in by a needle'),
    partB: of(0.5, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    potLife: of(40, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    tint: of(0.03, 'ratio', 'practice', 'Tint, by weight'),
    density: of(1.1, 'density', 'generic-sheet', 'Density'),
    topMm: of(6, 'depth', 'practice', 'Tinted layer on top'),
    next: of(480, 'duration', 'generic-sheet', 'Next pour after, at the reference temperature'),
    hard: of(1440, 'duration', 'generic-sheet', 'Hard enough to sand, at the reference temperature'),
    over: of(1, 'depth', 'practice', 'Left above the face'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost'),
  },
} as const satisfies PatchSystem;
