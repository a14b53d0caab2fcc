import type { PatchSystem } from './patchSystem.ts';
import { noRunningWater, rigid } from './remarks.ts';
import { cementCure, of, readyHours } from './sourced.ts';

export const handPackedMortar = {
  id: 'hand-packed-mortar',
  title: 'Hand-packed mortar',
  family: 'cementitious',
  chemistry: 'stiff cement mortar, packed by hand and trowel',
  work: 'rebuilds small broken places, upright and overhead',
  suits: ['concrete-spall', 'bar-spall', 'broken-edge'],
  preparation: 'square-cut',
  edge: of(13, 'depth', 'icri-310-1r', 'Least square edge of a patch'),
  width: {},
  depth: { min: of(10, 'depth', 'generic-sheet', 'Thinnest'), max: of(50, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: { floor: of(20, 'depth', 'generic-sheet', 'Thickest lift, floor'), wall: of(20, 'depth', 'generic-sheet', 'Thickest lift, wall'), overhead: of(20, 'depth', 'generic-sheet', 'Thickest lift, overhead'), most: of(3, 'count', 'practice', 'Most lifts') },
  extent: { max: of(600, 'depth', 'practice', 'Largest') },
  sizeWhy: { thin: 'thinner than a lift holds', deep: 'deeper than hand packing fills soundly', large: 'a large place is formed or sprayed' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: noRunningWater,
    movement: rigid,
    traffic: {
      'soft-tires': { grade: 'out', why: 'not for a face that wears', source: 'practice' },
      'hard-wheels': { grade: 'out', why: 'not for a face that wears', source: 'practice' },
    },
    place: {
      'outside-salt': { grade: 'out', why: 'salt and frost wear it off', source: 'practice', change: 'take a polymer-modified mortar' },
    },
    oil: {
      oil: { grade: 'out', why: 'cement does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil' },
      both: { grade: 'out', why: 'cement does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil' },
      salt: { grade: 'care', why: 'cut back until the salt is gone', source: 'practice' },
    },
    bar: {
      seen: { grade: 'care', why: 'pack behind the bar, not only against it', source: 'practice' },
    },
  },
  cure: cementCure,
  ready: readyHours(24, 72, 168),
  visits: of(1, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
