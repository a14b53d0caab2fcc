import type { PatchSystem } from '../patchSystem.ts';
import { caulkedJoint } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const acrylicCaulk = {
  id: 'acrylic-caulk',
  title: 'Acrylic caulk',
  family: 'polymer',
  chemistry: 'paintable caulk, never sanded',
  work: 'closes fine cracks where two things meet',
  suits: ['plaster-crack', 'drywall-joint'],
  gives: ['closed', 'level', 'painted'],
  preparation: 'as-found',
  width: { max: of(6, 'crackWidth', 'practice', 'Widest') },
  depth: {},
  sizeWhy: { wide: 'a bead this wide sinks in' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    joint: caulkedJoint,
    moisture: {
      running: { grade: 'out', why: 'water washes it out', source: 'practice', change: 'stop the water first' },
      damp: { grade: 'care', why: 'let it dry', source: 'practice' },
    },
    movement: {
      moving: {
        grade: 'care',
        why: 'it stretches by about an eighth of its width, by its sheet: a hairline that opens more tears it',
        source: 'generic-sheet',
      },
    },
    look: {
      raking: { grade: 'care', why: 'a caulked crack in a face shows in raking light', source: 'practice' },
    },
    place: {
      outside: { grade: 'care', why: 'only where its sheet rates it for outside', source: 'practice' },
      'outside-salt': { grade: 'care', why: 'only where its sheet rates it for outside', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    bead: of(5, 'depth', 'practice', 'Bead'),
    smooth: of(10, 'duration', 'generic-sheet', 'Smoothed within'),
    paint: of(240, 'duration', 'generic-sheet', 'Painted after'),
    cartridge: of(300, 'volume', 'generic-sheet', 'Content of a cartridge'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost'),
  },
} as const satisfies PatchSystem;
