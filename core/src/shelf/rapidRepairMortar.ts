import type { PatchSystem } from './patchSystem.ts';
import { noOil, noRunningWater, rigid } from './remarks.ts';
import { cementCure, of, readyHours } from './sourced.ts';

export const rapidRepairMortar = {
  id: 'rapid-repair-mortar',
  title: 'Rapid repair mortar',
  family: 'cementitious',
  chemistry: 'one-part rapid-hardening cement mortar, mixed with water',
  work: 'rebuilds broken concrete and is open soon',
  suits: ['concrete-spall', 'bar-spall', 'broken-edge'],
  preparation: 'square-cut',
  edge: of(13, 'depth', 'icri-310-1r', 'Least square edge of a patch'),
  width: {},
  depth: { min: of(13, 'depth', 'generic-sheet', 'Thinnest'), max: of(75, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: { floor: of(75, 'depth', 'generic-sheet', 'Thickest lift, floor'), wall: of(50, 'depth', 'generic-sheet', 'Thickest lift, wall'), overhead: of(25, 'depth', 'generic-sheet', 'Thickest lift, overhead'), most: of(3, 'count', 'practice', 'Most lifts') },
  sizeWhy: { thin: 'thinner than it cures without tearing', deep: 'a pour behind forms does that better' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    place: {
      'outside-salt': { grade: 'care', why: 'only where its sheet allows salt and frost', source: 'practice' },
    },
    moisture: noRunningWater,
    movement: rigid,
    oil: noOil,
    position: {
      overhead: { grade: 'care', why: 'many of them are not rated overhead: the product’s sheet decides', source: 'practice' },
    },
  },
  cure: cementCure,
  ready: readyHours(3, 4, 6),
  visits: of(1, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
