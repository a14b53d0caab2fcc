import type { PatchSystem } from '../patchSystem.ts';
import { dryByUse, spotInLight } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const fastenerReset = {
  id: 'fastener-reset',
  title: 'Fasteners reset',
  family: 'gypsum',
  chemistry: 'a screw beside each pop, the nail driven, three coats',
  work: 'sets popped fasteners',
  suits: ['fastener-pop'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    wetUse: dryByUse,
    finish: {
      gloss: { grade: 'care', why: 'each spot flashes under gloss', source: 'practice', change: 'skim the whole face' },
    },
    look: spotInLight,
    softened: {
      soft: { grade: 'out', why: 'a screw does not hold in softened board', source: 'practice', change: 'cut out what is soft' },
    },
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(3, 'count', 'practice', 'Visits'),
  figures: {
    beside: of(38, 'depth', 'astm-c840', 'New screw beside the pop'),
    screw: of(32, 'depth', 'astm-c840', 'Length of the screw'),
    dimple: of(0.8, 'depth', 'practice', 'Head below the face'),
    first: of(100, 'depth', 'astm-c840', 'Width of the first coat'),
    last: of(150, 'depth', 'astm-c840', 'Width of the last coat'),
    thin: of(0.8, 'film', 'practice', 'A coat'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
