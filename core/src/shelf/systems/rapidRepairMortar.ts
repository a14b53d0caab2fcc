import type { PatchSystem } from '../patchSystem.ts';
import { noOil, noRunningWater, rigid } from '../remarks.ts';
import { cementCure, of, readyHours } from '../sourced.ts';

export const rapidRepairMortar = {
  id: 'rapid-repair-mortar',
  title: 'Rapid repair mortar',
  family: 'cementitious',
  chemistry: 'one-part rapid-hardening cement mortar, mixed with water',
  work: 'rebuilds broken concrete and is open soon',
  suits: ['concrete-spall', 'bar-spall', 'broken-edge'],
  gives: ['closed', 'edges', 'painted'],
  preparation: 'square-cut',
  edge: of(13, 'depth', 'icri-310-1r', 'Least square edge of a patch'),
  width: {},
  depth: { min: of(13, 'depth', 'generic-sheet', 'Thinnest'), max: of(75, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: {
    floor: of(75, 'depth', 'generic-sheet', 'Thickest lift, floor'),
    wall: of(50, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(25, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    most: of(3, 'count', 'practice', 'Most lifts'),
  },
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
  mortar: {
    yieldMlG: of(0.5, 'specificVolume', 'generic-sheet', 'Yield of the powder, mixed'),
    liquidShare: of(0.11, 'ratio', 'generic-sheet', 'Liquid to one of powder, by weight'),
    potLife: of(15, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    scrub: of(1.5, 'film', 'practice', 'Scrub coat'),
    scrubOpen: of(15, 'duration', 'practice', 'Scrub coat covered within, at the reference temperature'),
    soak: of(120, 'duration', 'practice', 'Ground kept wet for'),
    nextFrom: of(10, 'duration', 'generic-sheet', 'Next lift from, at the reference temperature'),
    nextUntil: of(30, 'duration', 'generic-sheet', 'Next lift until, at the reference temperature'),
    dampDays: of(1, 'age', 'generic-sheet', 'Days kept damp'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost on tools and struck off'),
    reserve: of(0.25, 'ratio', 'judgement', 'Share of the working time kept in reserve'),
  },
} as const satisfies PatchSystem;
