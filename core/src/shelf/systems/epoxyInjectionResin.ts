import type { PatchSystem } from '../patchSystem.ts';
import { days, dewMarginForResins, of, readyHours, resinCure } from '../sourced.ts';

export const epoxyInjectionResin = {
  id: 'epoxy-injection-resin',
  title: 'Epoxy injection',
  family: 'epoxy',
  chemistry: 'low-viscosity structural epoxy, injected through ports under a surface seal',
  work: 'bonds still, dry cracks by injection',
  suits: ['slab-crack', 'wall-crack'],
  hazards: ['pressed'],
  gives: ['closed', 'carries', 'watertight', 'painted'],
  preparation: 'as-found',
  width: { min: of(0.05, 'crackWidth', 'aci-224-1r', 'Narrowest crack'), max: of(6, 'crackWidth', 'practice', 'Widest crack') },
  depth: {},
  wall: { max: of(300, 'depth', 'practice', 'Thickest wall that ports on one face reach through') },
  sizeWhy: {
    narrow: 'finer than it can be injected',
    wide: 'it runs out of a crack this wide',
    deep: 'from one face it may not come through; drilled packers reach its middle',
  },
  slabC: { min: of(4.5, 'temperature', 'astm-c881', 'Coldest concrete, class B'), max: of(35, 'temperature', 'generic-sheet', 'Warmest concrete') },
  dewMargin: dewMarginForResins,
  leastAge: of(28, 'age', 'practice', 'Least age of the slab'),
  remarks: {
    moisture: {
      damp: { grade: 'out', why: 'it bonds to dry faces only', source: 'practice', change: 'dry the crack; never flush it with water' },
      running: { grade: 'out', why: 'water runs in the crack', source: 'practice', change: 'stop the water first, then dry the crack through' },
    },
    movement: {
      moving: { grade: 'out', why: 'it locks the crack, which opens again beside', source: 'practice', change: 'treat it as a joint' },
      unknown: { grade: 'care', why: 'if it moves, it opens again beside', source: 'practice', change: 'gauge the crack through a season' },
    },
    finish: { stain: { grade: 'care', why: 'the seal leaves a mark beside the crack', source: 'practice' } },
    member: {
      'slab-on-ground': { grade: 'care', why: 'it drains into the base and takes hours; only where a structural bond is asked for', source: 'practice' },
    },
  },
  cure: resinCure,
  ready: { ...readyHours(24, 72, 72), 'hard-wheels': of(days(7), 'duration', 'practice', 'Full load after, at the reference temperature') },
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    brush: of(50, 'depth', 'practice', 'Cleaned on each side of the crack'),
    start: of(0.1, 'pressure', 'aci-224-1r', 'Pressure to begin with'),
    most: of(0.7, 'pressure', 'practice', 'Most pressure at a surface port'),
    viscosity: of(250, 'viscosity', 'generic-sheet', 'Viscosity'),
    potLife: of(30, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    partB: of(0.5, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    loss: of(0.15, 'ratio', 'practice', 'Share lost in hoses, ports and seal'),
    portsOff: of(1440, 'duration', 'generic-sheet', 'Ports off after, at the reference temperature'),
    widest: of(250, 'length', 'practice', 'Farthest apart, where the wall is not measured'),
  },
} as const satisfies PatchSystem;
