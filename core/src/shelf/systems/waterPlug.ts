import type { PatchSystem } from '../patchSystem.ts';
import { cementCure, of, readyIn } from '../sourced.ts';

export const waterPlug = {
  id: 'water-plug',
  title: 'Hydraulic plug',
  family: 'cementitious',
  chemistry: 'hydraulic cement that sets in a minute or two',
  work: 'stops a running leak',
  suits: ['wall-crack'],
  gives: ['closed', 'painted'],
  preparation: 'as-found',
  width: { max: of(25, 'depth', 'practice', 'Widest') },
  depth: {},
  sizeWhy: { wide: 'a slot this wide is formed' },
  slabC: { min: of(1, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: {
      dry: { grade: 'out', why: 'nothing runs', source: 'practice' },
      damp: { grade: 'out', why: 'nothing runs: a dry crack is injected or filled', source: 'practice' },
    },
    movement: {
      moving: { grade: 'out', why: 'rigid: it leaks again', source: 'practice', change: 'inject foam behind it' },
      unknown: { grade: 'care', why: 'if it moves it leaks again', source: 'practice' },
    },
    claim: {
      'restore-strength': { grade: 'out', why: 'it stops water, it gives no strength', source: 'practice' },
    },
  },
  cure: cementCure,
  ready: readyIn(1),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    slot: of(22, 'depth', 'practice', 'Slot, wide and deep'),
    within: of(1, 'duration', 'practice', 'Put in within'),
    hold: of(4, 'duration', 'practice', 'Held by hand'),
    firm: of(10, 'duration', 'generic-sheet', 'Hard enough to shave, at the reference temperature'),
    yieldMlG: of(0.57, 'specificVolume', 'generic-sheet', 'Yield of the powder, mixed'),
    liquidShare: of(0.25, 'ratio', 'generic-sheet', 'Water to one of powder, by weight'),
    handful: of(250, 'volume', 'practice', 'What one hand presses in'),
    loss: of(0.3, 'ratio', 'practice', 'Share that sets before it is in'),
  },
} as const satisfies PatchSystem;
