import type { PatchSystem } from '../patchSystem.ts';
import { noRunningWater, rigid } from '../remarks.ts';
import { cementCure, of, readyHours } from '../sourced.ts';

export const handPackedMortar = {
  id: 'hand-packed-mortar',
  title: 'Hand-packed mortar',
  family: 'cementitious',
  chemistry: 'stiff cement mortar, packed by hand and trowel',
  work: 'rebuilds small broken places, upright and overhead',
  suits: ['concrete-spall', 'bar-spall', 'broken-edge'],
  gives: ['closed', 'painted'],
  preparation: 'square-cut',
  edge: of(13, 'depth', 'icri-310-1r', 'Least square edge of a patch'),
  width: {},
  depth: { min: of(10, 'depth', 'generic-sheet', 'Thinnest'), max: of(50, 'depth', 'generic-sheet', 'Thickest in all') },
  lift: {
    floor: of(20, 'depth', 'generic-sheet', 'Thickest lift, floor'),
    wall: of(20, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(20, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    most: of(3, 'count', 'practice', 'Most lifts'),
  },
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
  mortar: {
    yieldMlG: of(0.54, 'specificVolume', 'generic-sheet', 'Yield of the powder, mixed'),
    liquidShare: of(0.14, 'ratio', 'generic-sheet', 'Liquid to one of powder, by weight'),
    potLife: of(60, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    scrub: of(1.5, 'film', 'practice', 'Scrub coat'),
    scrubOpen: of(15, 'duration', 'practice', 'Scrub coat covered within, at the reference temperature'),
    soak: of(120, 'duration', 'practice', 'Ground kept wet for'),
    nextFrom: of(30, 'duration', 'generic-sheet', 'Next lift from, at the reference temperature'),
    nextUntil: of(240, 'duration', 'generic-sheet', 'Next lift until, at the reference temperature'),
    dampDays: of(7, 'age', 'generic-sheet', 'Days kept damp'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost on tools and struck off'),
    reserve: of(0.25, 'ratio', 'judgement', 'Share of the working time kept in reserve'),
  },
} as const satisfies PatchSystem;
