import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const drilledPackerEpoxy = {
  id: 'drilled-packer-epoxy',
  title: 'Epoxy through drilled packers',
  family: 'epoxy',
  chemistry: 'low-viscosity structural epoxy, through holes drilled across the crack',
  work: 'bonds still, dry cracks in thick walls',
  suits: ['wall-crack'],
  hazards: ['pressed'],
  gives: ['closed', 'carries', 'watertight', 'access', 'painted'],
  opens: ['access'],
  preparation: 'as-found',
  does: ['drilled'],
  width: { min: of(0.1, 'crackWidth', 'practice', 'Narrowest'), max: of(6, 'crackWidth', 'practice', 'Widest') },
  depth: {},
  wall: { min: of(300, 'depth', 'practice', 'Thinnest wall that is worth drilling') },
  sizeWhy: {
    narrow: 'finer than it is worth drilling for',
    wide: 'it runs out of a crack this wide',
    thin: 'ports on the face reach through a wall this thin, without holes in it',
  },
  slabC: { min: of(4.5, 'temperature', 'astm-c881', 'Coldest concrete, class B'), max: of(35, 'temperature', 'generic-sheet', 'Warmest concrete') },
  dewMargin: dewMarginForResins,
  remarks: {
    moisture: {
      damp: { grade: 'out', why: 'it bonds to dry faces only', source: 'practice', change: 'dry the crack; never flush it with water' },
      running: { grade: 'out', why: 'water runs in the crack', source: 'practice', change: 'foam, where it need only be tight' },
    },
    movement: {
      moving: { grade: 'out', why: 'it locks the crack, which opens again beside', source: 'practice', change: 'treat it as a joint' },
      unknown: { grade: 'care', why: 'if it moves, it opens again beside', source: 'practice', change: 'gauge the crack through a season' },
    },
  },
  cure: resinCure,
  ready: readyIn(72),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    start: of(1.4, 'pressure', 'generic-sheet', 'Pressure to begin with'),
    most: of(7, 'pressure', 'generic-sheet', 'Most pressure at a packer'),
    spacing: of(200, 'length', 'practice', 'Packers apart along the crack'),
    hole: of(14, 'depth', 'generic-sheet', 'Diameter of a hole'),
    viscosity: of(250, 'viscosity', 'generic-sheet', 'Viscosity'),
    potLife: of(30, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    partB: of(0.5, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    loss: of(0.25, 'ratio', 'practice', 'Share lost in hoses, packers and their holes'),
    portsOff: of(1440, 'duration', 'generic-sheet', 'Packers out after, at the reference temperature'),
  },
} as const satisfies PatchSystem;
