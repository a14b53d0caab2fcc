import type { PatchSystem } from '../patchSystem.ts';
import { noWaterThrough } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const limePlaster = {
  id: 'lime-plaster',
  title: 'Lime plaster in coats',
  family: 'gypsum',
  chemistry: 'haired lime base coats and finish',
  work: 'renews lime plaster on lath or old masonry',
  suits: ['plaster-hole', 'plaster-loose', 'plaster-crack'],
  alone: {
    kinds: ['plaster-loose'],
    remark: { grade: 'care', why: 'only after what is loose has been taken down', source: 'practice', change: 'take it down first, or fasten it back' },
  },
  hazards: ['cement'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  does: ['lime-coats'],
  width: {},
  depth: { min: of(5, 'depth', 'practice', 'Thinnest'), max: of(25, 'depth', 'practice', 'Thickest in all') },
  lift: {
    wall: of(10, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(8, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    floor: of(10, 'depth', 'generic-sheet', 'Thickest lift, floor'),
    most: of(3, 'count', 'practice', 'Most lifts'),
  },
  overConcrete: of(9.5, 'depth', 'astm-c926', 'Thickest in all, overhead on smooth concrete'),
  sizeWhy: { thin: 'a lime skim does that', deep: 'build it out first' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(30, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: noWaterThrough,
    binder: {
      cement: { grade: 'out', why: 'softer than cement: it does not hold on it', source: 'practice' },
      gypsum: { grade: 'care', why: 'where gypsum was, gypsum matches', source: 'practice' },
    },
    base: {
      board: { grade: 'out', why: 'board does not carry it', source: 'practice' },
    },
    movement: {
      moving: { grade: 'care', why: 'it gives a little and heals fine cracks; a wide one opens again', source: 'practice' },
      unknown: { grade: 'care', why: 'if it opens widely, it cracks again', source: 'practice' },
    },
    lath: {
      rusted: { grade: 'out', why: 'the lath has rusted', source: 'practice', change: 'renew the lath first' },
      missing: { grade: 'out', why: 'there is no lath', source: 'practice', change: 'put up lath first' },
      loose: { grade: 'care', why: 'fasten the lath first', source: 'practice', change: 'fasten the lath' },
    },
    body: {
      crumbling: { grade: 'care', why: 'take down what crumbles first', source: 'practice', change: 'take down what crumbles' },
    },
  },
  cure: asStated,
  ready: readyIn(336),
  visits: of(4, 'count', 'practice', 'Visits'),
  figures: {
    finish: of(3, 'depth', 'practice', 'Finish coat'),
    leastBase: of(1, 'count', 'practice', 'Base coats'),
    sandBase: of(2.75, 'ratio', 'practice', 'Sharp sand to one of lime putty, by volume'),
    sandFinish: of(1.5, 'ratio', 'practice', 'Fine sand to one of lime putty in the finish, by volume'),
    within: of(1440, 'duration', 'practice', 'Used within'),
    betweenDays: of(7, 'age', 'practice', 'Days between coats'),
    dampDays: of(4, 'age', 'practice', 'Days kept damp after each coat'),
    floatAfter: of(240, 'duration', 'practice', 'Floated after'),
    airDays: of(14, 'age', 'practice', 'Days before lime paint'),
    strip: of(50, 'depth', 'practice', 'Width cut out along a crack'),
    loss: of(0.2, 'ratio', 'practice', 'Share that falls'),
  },
} as const satisfies PatchSystem;
