import type { PatchSystem } from '../patchSystem.ts';
import { floatingJoint } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const floatingCorner = {
  id: 'floating-corner',
  title: 'Floating corner',
  family: 'gypsum',
  chemistry: 'board freed from the corner on one side, taped anew',
  work: 'lets a corner move that opens every season',
  suits: ['drywall-joint'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  does: ['floats-corner'],
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    joint: floatingJoint,
    movement: {
      still: { grade: 'out', why: 'it does not move: new tape holds', source: 'practice' },
      unknown: { grade: 'care', why: 'right only if it opens with the seasons', source: 'practice' },
    },
    rated: {
      yes: { grade: 'out', why: 'a rated corner is taped as its listing says', source: 'practice', change: 'follow the listing' },
      unknown: { grade: 'care', why: 'only if the wall is not rated', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(30),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    back: of(400, 'depth', 'ga-216', 'Free of fasteners from the angle'),
    screws: of(200, 'depth', 'practice', 'Screws apart beyond it'),
    bed: of(1.5, 'film', 'practice', 'Bed under tape'),
    thin: of(0.6, 'film', 'practice', 'A finishing coat'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
