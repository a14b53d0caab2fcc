import type { PatchSystem } from '../patchSystem.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const capAndDrain = {
  id: 'cap-and-drain',
  title: 'Cap and drain',
  family: 'wood',
  chemistry: 'a cap over the top, open below',
  work: 'keeps water out of a check that moves',
  suits: ['timber-check'],
  gives: ['painted'],
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(-5, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    place: {
      inside: { grade: 'out', why: 'inside no rain falls on it', source: 'practice' },
    },
    finish: {
      clear: { grade: 'care', why: 'the cap is seen', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(1),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    past: of(50, 'depth', 'practice', 'Cap past the check at each end'),
    down: of(20, 'depth', 'practice', 'Turned down with a drip'),
    lap: of(100, 'depth', 'practice', 'Lap of two lengths'),
    fix: of(300, 'depth', 'practice', 'Fixed on one side, apart'),
    treat: of(1440, 'duration', 'generic-sheet', 'Treatment dry after'),
  },
} as const satisfies PatchSystem;
