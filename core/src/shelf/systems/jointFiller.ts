import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyHours, resinCure } from '../sourced.ts';

export const jointFiller = {
  id: 'joint-filler',
  title: 'Semi-rigid joint filler',
  family: 'polymer',
  chemistry: 'semi-rigid polyurea or epoxy in a sawn joint',
  work: 'fills floor joints that wheels cross',
  suits: ['joint-spall'],
  alone: {
    kinds: ['joint-spall'],
    remark: { grade: 'out', why: 'alone it does not hold edges that have broken away', source: 'practice', change: 'rebuild the edges first' },
  },
  hazards: ['isocyanate'],
  gives: ['joint'],
  preparation: 'as-found',
  width: {},
  gap: { min: of(3, 'depth', 'practice', 'Narrowest'), max: of(19, 'depth', 'practice', 'Widest') },
  depth: {},
  sizeWhy: { narrow: 'too narrow to fill to the bottom', wide: 'a joint this wide has broken edges: rebuild them first' },
  slabC: { min: of(0, 'temperature', 'generic-sheet', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  leastAge: of(60, 'age', 'practice', 'Least age of the slab'),
  remarks: {
    joint: {
      isolation: {
        grade: 'out',
        why: 'it parts, or breaks the edges, where the slabs are meant to move',
        source: 'practice',
        change: 'a soft sealant over a backer',
      },
    },
    moisture: {
      damp: { grade: 'out', why: 'it does not bond to damp faces', source: 'practice', change: 'dry it' },
      running: { grade: 'out', why: 'it does not bond in water', source: 'practice', change: 'stop the water first, then dry it' },
    },
  },
  cure: resinCure,
  ready: readyHours(2, 2, 2),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    over: of(1.5, 'depth', 'practice', 'Left above the face'),
    shaveFrom: of(30, 'duration', 'generic-sheet', 'Shaved from, at the reference temperature'),
    shaveUntil: of(120, 'duration', 'generic-sheet', 'Shaved until, at the reference temperature'),
    gel: of(5, 'duration', 'generic-sheet', 'Gel time at the reference temperature'),
    formed: of(50, 'depth', 'aci-302-1r', 'Least depth in a formed joint'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost in mixers and shaved off'),
    cartridge: of(600, 'volume', 'generic-sheet', 'Content of a pair of cartridges'),
  },
} as const satisfies PatchSystem;
