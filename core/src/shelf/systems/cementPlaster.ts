import type { PatchSystem } from '../patchSystem.ts';
import { noWaterThrough, rigid, soundLath } from '../remarks.ts';
import { cementCure, of, readyIn } from '../sourced.ts';

export const cementPlaster = {
  id: 'cement-plaster',
  title: 'Cement plaster in coats',
  family: 'cementitious',
  chemistry: 'Portland cement plaster: scratch, brown and finish coat',
  work: 'renews cement plaster in coats',
  suits: ['plaster-hole', 'plaster-loose', 'plaster-crack'],
  alone: {
    kinds: ['plaster-loose'],
    remark: { grade: 'care', why: 'only after what is loose has been taken down', source: 'practice', change: 'take it down first, or fasten it back' },
  },
  hazards: ['cement'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(3, 'depth', 'generic-sheet', 'Thinnest'), max: of(22, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: {
    wall: of(10, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(10, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    floor: of(10, 'depth', 'generic-sheet', 'Thickest lift, floor'),
    most: of(3, 'count', 'practice', 'Most lifts'),
  },
  overConcrete: of(9.5, 'depth', 'astm-c926', 'Thickest in all, overhead on smooth concrete'),
  sizeWhy: { thin: 'a skim does that', deep: 'thicker than three coats: build it out first' },
  slabC: { min: of(4.4, 'temperature', 'astm-c926', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: noWaterThrough,
    movement: rigid,
    binder: {
      gypsum: { grade: 'out', why: 'cement over gypsum swells and lets go', source: 'practice', change: 'take the binder that is there' },
      lime: { grade: 'care', why: 'harder than lime: it pulls the old work off', source: 'practice' },
      unknown: { grade: 'care', why: 'only on cement plaster: find out what it is', source: 'practice', change: 'drop of acid, or a look at a broken edge' },
    },
    base: {
      board: { grade: 'out', why: 'board does not carry it', source: 'practice' },
      'wood-lath': { grade: 'care', why: 'over wood lath with a barrier and metal lath', source: 'practice' },
    },
    body: {
      crumbling: { grade: 'out', why: 'it hangs on what crumbles', source: 'practice', change: 'take it down to the base' },
    },
    lath: soundLath,
  },
  cure: cementCure,
  ready: readyIn(24),
  visits: of(3, 'count', 'practice', 'Visits'),
  figures: {
    finish: of(3.2, 'depth', 'astm-c926', 'Finish coat'),
    leastBase: of(2, 'count', 'astm-c926', 'Base coats on lath'),
    sandBase: of(3.5, 'ratio', 'astm-c926', 'Sand to one of cement and lime in the base coats, by volume'),
    sandFinish: of(2.5, 'ratio', 'astm-c926', 'Sand to one of cement and lime in the finish, by volume'),
    within: of(150, 'duration', 'astm-c926', 'Used within, from first water'),
    firm: of(240, 'duration', 'practice', 'Firm enough for the next when it is doubled up, at the reference temperature'),
    dampDays: of(2, 'age', 'ibc-2512', 'Days moist after each base coat'),
    floatAfter: of(30, 'duration', 'practice', 'Floated after, at the reference temperature'),
    strip: of(50, 'depth', 'practice', 'Width cut out along a crack'),
    loss: of(0.15, 'ratio', 'practice', 'Share that falls'),
  },
} as const satisfies PatchSystem;
