import type { PatchSystem } from '../patchSystem.ts';
import { noRunningWater } from '../remarks.ts';
import { cementCure, of, readyHours } from '../sourced.ts';

export const cementFairingCoat = {
  id: 'cement-fairing-coat',
  title: 'Cement fairing coat',
  family: 'cementitious',
  chemistry: 'fine polymer-cement surfacer',
  work: 'evens out pores and shallow scaling',
  suits: ['concrete-scaling', 'concrete-spall', 'broken-edge'],
  gives: ['closed', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: { min: of(0.3, 'depth', 'generic-sheet', 'Thinnest'), max: of(3, 'depth', 'generic-sheet', 'Thickest in all') },
  sizeWhy: { thin: 'nothing to fill', deep: 'deeper than a surfacer fills' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: noRunningWater,
    movement: {
      moving: { grade: 'out', why: 'it cracks over what moves', source: 'practice' },
      unknown: { grade: 'care', why: 'it cracks over what moves', source: 'practice' },
    },
    traffic: {
      'soft-tires': { grade: 'care', why: 'tires wear it', source: 'practice' },
      'hard-wheels': { grade: 'out', why: 'wheels break it off', source: 'practice' },
    },
    oil: {
      oil: { grade: 'out', why: 'it does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil' },
      both: { grade: 'out', why: 'it does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil' },
    },
    bar: {
      seen: { grade: 'out', why: 'too thin to cover a bar', source: 'practice' },
    },
  },
  cure: cementCure,
  ready: readyHours(24, 72, 168),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    coat: of(1.5, 'film', 'generic-sheet', 'A pass'),
    potLife: of(25, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    yieldMlG: of(0.6, 'specificVolume', 'generic-sheet', 'Yield of the powder, mixed'),
    liquidShare: of(0.22, 'ratio', 'generic-sheet', 'Liquid to one of powder, by weight'),
    next: of(60, 'duration', 'generic-sheet', 'Second pass after, at the reference temperature'),
    dampDays: of(1, 'age', 'generic-sheet', 'Days protected'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost on tools'),
  },
} as const satisfies PatchSystem;
