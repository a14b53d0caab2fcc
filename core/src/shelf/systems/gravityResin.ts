import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyHours, resinCure } from '../sourced.ts';

export const gravityResin = {
  id: 'gravity-resin',
  title: 'Gravity resin, flooded',
  family: 'epoxy',
  chemistry: 'low-viscosity methacrylate or epoxy, flooded and broomed over the crack',
  work: 'soaks fine cracks in floors from above',
  suits: ['slab-crack'],
  hazards: ['methacrylate', 'hot'],
  gives: ['closed'],
  preparation: 'as-found',
  width: { min: of(0.03, 'crackWidth', 'aci-224-1r', 'Narrowest crack'), max: of(2, 'crackWidth', 'aci-224-1r', 'Widest crack') },
  depth: {},
  sizeWhy: { narrow: 'finer than it enters', wide: 'it runs away without sand' },
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest slab'), max: of(35, 'temperature', 'generic-sheet', 'Warmest slab') },
  dewMargin: dewMarginForResins,
  leastAge: of(28, 'age', 'practice', 'Least age of the slab'),
  remarks: {
    moisture: {
      damp: { grade: 'out', why: 'a damp crack does not take it up', source: 'practice', change: 'keep the crack dry for a day' },
      running: { grade: 'out', why: 'water fills the crack', source: 'practice', change: 'stop the water first, then dry the crack through' },
    },
    movement: {
      moving: { grade: 'out', why: 'it is rigid and cracks again', source: 'practice', change: 'treat it as a joint' },
      unknown: { grade: 'care', why: 'if it moves, it cracks again', source: 'practice', change: 'gauge the crack through a season' },
    },
    finish: { stain: { grade: 'out', why: 'the flooded band takes no stain', source: 'practice' } },
    member: {
      'slab-on-ground': { grade: 'care', why: 'some drains into the base', source: 'practice' },
      suspended: { grade: 'care', why: 'the underside must be closed first', source: 'practice', change: 'seal the crack from below first' },
      stair: { grade: 'out', why: 'it runs off a stair', source: 'practice' },
    },
    place: { inside: { grade: 'care', why: 'strong odor indoors', source: 'practice' } },
    claim: { 'restore-strength': { grade: 'care', why: 'it bonds what it reaches, which has to be proved by cores', source: 'practice' } },
  },
  cure: resinCure,
  ready: readyHours(6, 24, 24),
  visits: of(2, 'count', 'practice', 'Visits'),
  penetration: {
    viscosity: of(100, 'viscosity', 'practice', 'Viscosity of the resin'),
    potLife: of(20, 'duration', 'judgement', 'Pot life at the reference temperature'),
    tension: of(35, 'surfaceTension', 'judgement', 'Surface tension of the resin'),
    contact: of(40, 'angle', 'judgement', 'Contact angle on dry concrete'),
    density: of(1.08, 'density', 'generic-sheet', 'Density of the resin'),
    leastReach: of(25, 'depth', 'judgement', 'Least depth worth filling'),
  },
  figures: {
    strip: of(100, 'depth', 'practice', 'Width of the puddle along the crack'),
    cover: of(2.5, 'spreading', 'generic-sheet', 'Area that a liter floods'),
    off: of(15, 'duration', 'practice', 'What has not run in is brushed off within'),
    sandWithin: of(20, 'duration', 'generic-sheet', 'Sand thrown on within, at the reference temperature'),
    sand: of(0.5, 'areaMass', 'practice', 'Sand strewn'),
    partB: of(0.5, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    passes: of(2, 'count', 'practice', 'Passes'),
    hard: of(360, 'duration', 'generic-sheet', 'Hard enough to sweep, at the reference temperature'),
  },
} as const satisfies PatchSystem;
