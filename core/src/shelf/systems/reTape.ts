import type { PatchSystem } from '../patchSystem.ts';
import { soundBoard, tapedJoint } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const reTape = {
  id: 're-tape',
  title: 'New tape and compound',
  family: 'gypsum',
  chemistry: 'paper tape bedded anew, with two or three coats',
  work: 'renews a cracked joint in board',
  suits: ['drywall-joint'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  does: ['retapes'],
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    joint: tapedJoint,
    movement: {
      moving: { grade: 'out', why: 'where the framing moves it cracks again', source: 'practice', change: 'free the corner, or fix one side only' },
      unknown: { grade: 'care', why: 'if it opens with the seasons it cracks again', source: 'practice' },
    },
    wetUse: {
      splashed: { grade: 'care', why: 'only where tile or paint keeps the water off', source: 'practice' },
      'under-water': { grade: 'out', why: 'board has no place under water', source: 'practice' },
    },
    softened: soundBoard,
  },
  cure: asStated,
  ready: readyIn(30),
  visits: of(3, 'count', 'practice', 'Visits'),
  figures: {
    bed: of(1.5, 'film', 'practice', 'Bed under tape'),
    thin: of(0.6, 'film', 'practice', 'A finishing coat'),
    prefill: of(3, 'depth', 'practice', 'Gaps filled beforehand up to'),
    cutBack: of(25, 'depth', 'practice', 'Loose tape cut back past where it holds'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
