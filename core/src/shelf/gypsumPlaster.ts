import type { PatchSystem } from './patchSystem.ts';
import { gypsumInDamp, insideOnly, rigid, soundLath } from './remarks.ts';
import { asStated, of, readyIn } from './sourced.ts';

export const gypsumPlaster = {
  id: 'gypsum-plaster',
  title: 'Gypsum plaster in coats',
  family: 'gypsum',
  chemistry: 'base coat and finish of gypsum plaster',
  work: 'renews gypsum plaster',
  suits: ['plaster-hole', 'plaster-crack'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(3, 'depth', 'practice', 'Thinnest'), max: of(22, 'depth', 'practice', 'Thickest in all') },
  lift: { wall: of(10, 'depth', 'generic-sheet', 'Thickest lift, wall'), overhead: of(8, 'depth', 'generic-sheet', 'Thickest lift, overhead'), floor: of(10, 'depth', 'generic-sheet', 'Thickest lift, floor'), most: of(3, 'count', 'practice', 'Most lifts') },
  overConcrete: of(9.5, 'depth', 'astm-c926', 'Thickest in all, overhead on smooth concrete'),
  sizeWhy: { thin: 'a skim does that', deep: 'build it out first' },
  slabC: { min: of(13, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: gypsumInDamp,
    place: insideOnly,
    wetUse: {
      splashed: { grade: 'out', why: 'gypsum where it gets wet', source: 'practice' },
      'under-water': { grade: 'out', why: 'gypsum under water', source: 'practice' },
    },
    binder: {
      cement: { grade: 'care', why: 'softer than cement: where it is dry and inside only', source: 'practice' },
      lime: { grade: 'care', why: 'gypsum over lime only inside and dry', source: 'practice' },
    },
    movement: rigid,
    lath: soundLath,
    body: {
      crumbling: { grade: 'out', why: 'it hangs on what crumbles', source: 'practice', change: 'take it down' },
    },
  },
  cure: asStated,
  ready: readyIn(48),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
