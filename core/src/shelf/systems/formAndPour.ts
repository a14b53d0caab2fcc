import type { PatchSystem } from '../patchSystem.ts';
import { noRunningWater, rigid } from '../remarks.ts';
import { cementCure, of, readyHours } from '../sourced.ts';

export const formAndPour = {
  id: 'form-and-pour',
  title: 'Form and pour',
  family: 'cementitious',
  chemistry: 'flowable micro-concrete behind formwork',
  work: 'rebuilds deep places behind formwork',
  suits: ['concrete-spall', 'bar-spall', 'broken-edge'],
  gives: ['closed', 'painted'],
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
  figures: {
    gap: of(19, 'depth', 'icri-310-1r', 'Free behind bars'),
    head: of(24, 'ratio', 'practice', 'Pressure on the form, kilonewtons per square meter for each meter of height'),
    soak: of(1440, 'duration', 'practice', 'Ground kept wet for'),
    yieldMlG: of(0.48, 'specificVolume', 'generic-sheet', 'Yield of the powder, mixed'),
    liquidShare: of(0.13, 'ratio', 'generic-sheet', 'Water to one of powder, by weight'),
    potLife: of(40, 'duration', 'generic-sheet', 'Placed within, at the reference temperature'),
    strip: of(2160, 'duration', 'practice', 'Form off after, at the reference temperature'),
    dampDays: of(7, 'age', 'practice', 'Days kept damp'),
    loss: of(0.08, 'ratio', 'practice', 'Share lost in pail, hose and chimney'),
  },
} as const satisfies PatchSystem;
