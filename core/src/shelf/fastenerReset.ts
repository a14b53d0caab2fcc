import type { PatchSystem } from './patchSystem.ts';
import { spotInLight } from './remarks.ts';
import { asStated, of, readyIn } from './sourced.ts';

export const fastenerReset = {
  id: 'fastener-reset',
  title: 'Fasteners reset',
  family: 'gypsum',
  chemistry: 'a screw beside each pop, the nail driven, three coats',
  work: 'sets popped fasteners',
  suits: ['fastener-pop'],
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    finish: {
      gloss: { grade: 'care', why: 'each spot flashes under gloss', source: 'practice', change: 'skim the whole face' },
    },
    look: spotInLight,
    softened: {
      soft: { grade: 'out', why: 'a screw does not hold in softened board', source: 'practice', change: 'cut out what is soft' },
    },
  },
  cure: asStated,
  ready: readyIn(48),
  visits: of(3, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
