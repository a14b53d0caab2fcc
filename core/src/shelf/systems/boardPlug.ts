import type { PatchSystem } from '../patchSystem.ts';
import { notRated } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const boardPlug = {
  id: 'board-plug',
  title: 'Board plug',
  family: 'gypsum',
  chemistry: 'a plug of board with a flange of its own paper',
  work: 'closes holes up to a hand’s breadth',
  suits: ['drywall-hole'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { min: of(13, 'depth', 'practice', 'Smallest'), max: of(150, 'depth', 'practice', 'Largest') },
  overHole: { by: 'backing' },
  sizeWhy: { small: 'compound or mesh closes that', large: 'its paper alone does not carry a larger plug' },
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    rated: notRated,
    position: {
      overhead: { grade: 'care', why: 'on a ceiling only while it is small', source: 'practice' },
    },
    wetUse: {
      splashed: { grade: 'out', why: 'paper and gypsum where it gets wet', source: 'practice', change: 'open it to a board that bears water' },
      'under-water': { grade: 'out', why: 'board has no place under water', source: 'practice' },
    },
    softened: {
      soft: { grade: 'out', why: 'its flange does not hold on softened board', source: 'practice', change: 'cut out what is soft' },
    },
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    flange: of(32, 'depth', 'practice', 'Flange of paper'),
    bed: of(1.2, 'film', 'practice', 'Bed under the flange'),
    thin: of(0.6, 'film', 'practice', 'A finishing coat'),
    hump: of(1, 'depth', 'practice', 'Height of the hump'),
    saw: of(3, 'depth', 'practice', 'Saw set deeper than the board'),
    set: of(45, 'duration', 'practice', 'Minutes that the compound is named by'),
    hard: of(80, 'duration', 'practice', 'Compound hard after'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
