import type { PatchSystem } from '../patchSystem.ts';
import { noOil } from '../remarks.ts';
import { cementCure, of, readyHours } from '../sourced.ts';

export const polymerMortar2k = {
  id: 'polymer-mortar-2k',
  title: 'Polymer mortar, two-part',
  family: 'cementitious',
  chemistry: 'polymer-modified cement mortar, liquid and powder, trowel grade',
  work: 'rebuilds broken concrete',
  suits: ['slab-crack', 'concrete-spall', 'bar-spall', 'broken-edge', 'concrete-scaling', 'joint-spall'],
  alone: {
    kinds: ['joint-spall'],
    remark: {
      grade: 'out',
      why: 'it bridges the joint, and breaks again beside it',
      source: 'practice',
      change: 'cut the joint through it again, and fill it',
    },
  },
  gives: ['closed', 'edges', 'painted'],
  preparation: 'chase',
  width: { min: of(13, 'depth', 'practice', 'Narrowest groove to compact a mortar in') },
  depth: { min: of(3, 'depth', 'generic-sheet', 'Thinnest lift'), max: of(38, 'depth', 'generic-sheet', 'Thickest lift') },
  edge: of(13, 'depth', 'icri-310-1r', 'Least square edge of a patch'),
  total: { min: of(3, 'depth', 'generic-sheet', 'Thinnest'), max: of(100, 'depth', 'practice', 'Thickest in all') },
  lift: {
    floor: of(38, 'depth', 'generic-sheet', 'Thickest lift, floor'),
    wall: of(38, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(25, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    most: of(4, 'count', 'practice', 'Most lifts'),
  },
  sizeWhy: { narrow: 'too narrow to place and compact a mortar', thin: 'thinner than a lift can be', deep: 'deeper than one lift' },
  slabC: { min: of(7, 'temperature', 'generic-sheet', 'Coldest slab, for a day'), max: of(35, 'temperature', 'generic-sheet', 'Warmest slab') },
  remarks: {
    moisture: { running: { grade: 'out', why: 'running water washes it out', source: 'practice', change: 'stop the water first' } },
    movement: {
      moving: { grade: 'out', why: 'rigid, it cracks beside', source: 'practice', change: 'treat it as a joint' },
      unknown: { grade: 'care', why: 'if it moves, it cracks beside', source: 'practice', change: 'gauge the crack through a season' },
    },
    oil: noOil,
    traffic: { 'hard-wheels': { grade: 'care', why: 'square edges deeper than usual under hard wheels', source: 'practice' } },
    finish: {
      'thin-coating': { grade: 'care', why: 'it must dry before a coating', source: 'practice' },
      stain: { grade: 'care', why: 'it takes a stain unlike the slab', source: 'practice' },
    },
    claim: { 'restore-strength': { grade: 'out', why: 'a filled groove does not restore strength', source: 'practice' } },
  },
  cure: cementCure,
  ready: readyHours(6, 24, 24),
  visits: of(2, 'count', 'practice', 'Visits'),
  mortar: {
    yieldMlG: of(0.55, 'specificVolume', 'generic-sheet', 'Yield of the powder, mixed'),
    liquidShare: of(0.14, 'ratio', 'generic-sheet', 'Liquid to one of powder, by weight'),
    potLife: of(30, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    scrub: of(1.5, 'film', 'practice', 'Scrub coat'),
    scrubOpen: of(15, 'duration', 'practice', 'Scrub coat covered within, at the reference temperature'),
    soak: of(120, 'duration', 'practice', 'Ground kept wet for'),
    nextFrom: of(30, 'duration', 'generic-sheet', 'Next lift from, at the reference temperature'),
    nextUntil: of(240, 'duration', 'generic-sheet', 'Next lift until, at the reference temperature'),
    dampDays: of(1, 'age', 'generic-sheet', 'Days kept damp'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost on tools and struck off'),
    reserve: of(0.25, 'ratio', 'judgement', 'Share of the working time kept in reserve'),
  },
} as const satisfies PatchSystem;
