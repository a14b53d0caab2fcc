import type { PatchSystem } from '../patchSystem.ts';
import { of, readyHours, resinCure } from '../sourced.ts';

export const injectionFoam = {
  id: 'injection-foam',
  title: 'Injection foam',
  family: 'polymer',
  chemistry: 'polyurethane that foams with water, injected into cracks that leak',
  work: 'stops water in cracks',
  suits: ['slab-crack', 'wall-crack'],
  hazards: ['isocyanate', 'pressed'],
  gives: ['watertight', 'painted'],
  preparation: 'as-found',
  does: ['foams'],
  width: { max: of(6, 'crackWidth', 'practice', 'Widest crack') },
  depth: {},
  sizeWhy: { wide: 'the foam is pushed out before it holds' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest concrete'), max: of(35, 'temperature', 'generic-sheet', 'Warmest concrete') },
  remarks: {
    moisture: {
      dry: { grade: 'out', why: 'a water stop, and nothing leaks', source: 'practice', change: 'only if it leaked' },
      damp: { grade: 'care', why: 'water has to be added to make it foam', source: 'practice' },
    },
    movement: {
      moving: { grade: 'care', why: 'it takes about a tenth of the width; more, and it leaks again', source: 'practice' },
      unknown: { grade: 'care', why: 'it leaks again if the crack opens by more than about a tenth', source: 'practice' },
    },
    traffic: {
      'soft-tires': { grade: 'out', why: 'no wearing surface', source: 'practice', change: 'fill the top with another system' },
      'hard-wheels': { grade: 'out', why: 'wheels crush it', source: 'practice', change: 'fill the top with another system' },
      foot: { grade: 'care', why: 'the top still has to be filled', source: 'practice' },
    },
    finish: { 'thin-coating': { grade: 'care', why: 'the coating needs a filled top', source: 'practice' } },
    claim: { 'restore-strength': { grade: 'out', why: 'it seals, it gives no strength', source: 'practice' } },
  },
  cure: resinCure,
  ready: readyHours(24, 24, 24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    brush: of(50, 'depth', 'practice', 'Cleaned on each side of the crack'),
    start: of(0.1, 'pressure', 'practice', 'Pressure to begin with'),
    most: of(0.7, 'pressure', 'practice', 'Most pressure at a surface port'),
    hold: of(2, 'duration', 'practice', 'Held at refusal'),
    potLife: of(20, 'duration', 'generic-sheet', 'In the pump until, at the reference temperature'),
    rise: of(3, 'ratio', 'practice', 'Rise in confinement'),
    reserve: of(1.5, 'ratio', 'practice', 'Reserve'),
    catalyst: of(0.05, 'ratio', 'generic-sheet', 'Catalyst to one of resin, by volume'),
    portsOff: of(240, 'duration', 'generic-sheet', 'Ports off after, at the reference temperature'),
    widest: of(250, 'length', 'practice', 'Farthest apart, where the wall is not measured'),
  },
} as const satisfies PatchSystem;
