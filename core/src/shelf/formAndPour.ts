import type { PatchSystem } from './patchSystem.ts';
import { noRunningWater, rigid } from './remarks.ts';
import { cementCure, of, readyHours } from './sourced.ts';

export const formAndPour = {
  id: 'form-and-pour',
  title: 'Form and pour',
  family: 'cementitious',
  chemistry: 'flowable micro-concrete behind formwork',
  work: 'rebuilds deep places behind formwork',
  suits: ['concrete-spall', 'bar-spall', 'broken-edge'],
  preparation: 'square-cut',
  edge: of(13, 'depth', 'icri-310-1r', 'Least square edge of a patch'),
  width: {},
  depth: { min: of(50, 'depth', 'generic-sheet', 'Thinnest'), max: of(300, 'depth', 'generic-sheet', 'Thickest in all') },
  sizeWhy: { thin: 'too thin to flow into', deep: 'that is no patch' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: noRunningWater,
    movement: rigid,
    oil: {
      oil: { grade: 'out', why: 'cement does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil' },
      both: { grade: 'out', why: 'cement does not bond where oil has soaked in', source: 'practice', change: 'cut back beyond the oil' },
    },
    position: {
      floor: { grade: 'care', why: 'a floor needs no form', source: 'practice' },
    },
  },
  cure: cementCure,
  ready: readyHours(48, 72, 168),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
