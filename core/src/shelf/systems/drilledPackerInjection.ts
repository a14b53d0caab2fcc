import type { PatchSystem } from '../patchSystem.ts';
import { of, readyIn, resinCure } from '../sourced.ts';

export const drilledPackerInjection = {
  id: 'drilled-packer-injection',
  title: 'Foam through drilled packers',
  family: 'polymer',
  chemistry: 'polyurethane that foams with water, through holes drilled across the crack',
  work: 'tightens cracks in thick or wet walls',
  suits: ['wall-crack'],
  hazards: ['isocyanate', 'pressed'],
  gives: ['watertight', 'access', 'painted'],
  opens: ['access'],
  preparation: 'as-found',
  does: ['foams', 'drilled'],
  width: { min: of(0.1, 'crackWidth', 'practice', 'Narrowest'), max: of(6, 'crackWidth', 'practice', 'Widest') },
  depth: {},
  sizeWhy: { narrow: 'finer than it is worth drilling for', wide: 'it runs out of a crack this wide' },
  slabC: { min: of(4.5, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: {
      dry: { grade: 'care', why: 'nothing leaks now: it is flushed with water, which makes it foam', source: 'practice' },
      damp: { grade: 'care', why: 'water has to be added to make it foam', source: 'practice' },
    },
    movement: {
      moving: { grade: 'care', why: 'it takes about a tenth of the width; more, and it leaks again', source: 'practice' },
      unknown: { grade: 'care', why: 'it leaks again if the crack opens by more than about a tenth', source: 'practice' },
    },
    claim: {
      'restore-strength': { grade: 'out', why: 'it seals, it gives no strength', source: 'practice', change: 'epoxy, in a crack that is dry' },
    },
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    start: of(1.4, 'pressure', 'generic-sheet', 'Pressure to begin with'),
    most: of(7, 'pressure', 'generic-sheet', 'Most pressure at a packer'),
    hold: of(2, 'duration', 'practice', 'Held at refusal'),
    spacing: of(200, 'length', 'practice', 'Packers apart along the crack'),
    hole: of(14, 'depth', 'generic-sheet', 'Diameter of a hole'),
    potLife: of(20, 'duration', 'generic-sheet', 'In the pump until, at the reference temperature'),
    rise: of(3, 'ratio', 'practice', 'Rise in confinement'),
    reserve: of(1.5, 'ratio', 'practice', 'Reserve'),
    catalyst: of(0.05, 'ratio', 'generic-sheet', 'Catalyst to one of resin, by volume'),
    portsOff: of(240, 'duration', 'generic-sheet', 'Packers out after, at the reference temperature'),
  },
} as const satisfies PatchSystem;
