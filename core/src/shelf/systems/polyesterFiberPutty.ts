import type { PatchSystem } from '../patchSystem.ts';
import { gelcoatOnly } from '../remarks.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

export const polyesterFiberPutty = {
  id: 'polyester-fiber-putty',
  title: 'Polyester fiber putty',
  family: 'tub',
  chemistry: 'glass-fiber polyester filler with paste hardener',
  work: 'rebuilds holes and cracks in tub walls',
  suits: ['tub-crack', 'tub-hole'],
  hazards: ['peroxide', 'hot'],
  gives: ['closed', 'level'],
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { max: of(100, 'depth', 'practice', 'Largest') },
  flex: { max: of(1, 'depth', 'judgement', 'Most it may give') },
  overHole: { by: 'backing' },
  sizeWhy: { large: 'a laminate carries further' },
  slabC: { min: of(18, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    part: {
      floor: { grade: 'out', why: 'on a floor it cracks again: a laminate carries', source: 'practice', change: 'laminate it from behind' },
    },
    shell: gelcoatOnly,
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    first: of(3, 'depth', 'practice', 'First lift over mesh'),
    onto: of(40, 'depth', 'practice', 'Scuffed and covered past the hole'),
    recess: of(1.5, 'depth', 'practice', 'Shell recessed around'),
    density: of(1.6, 'density', 'generic-sheet', 'Density'),
    doseLeast: of(1.5, 'percent', 'generic-sheet', 'Least hardener'),
    doseMost: of(3, 'percent', 'generic-sheet', 'Most hardener'),
    potLife: of(6, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    next: of(10, 'duration', 'generic-sheet', 'Next build after, at the reference temperature'),
    sand: of(30, 'duration', 'generic-sheet', 'Sanded after, at the reference temperature'),
    proud: of(0.5, 'depth', 'practice', 'Left above the face'),
    loss: of(0.15, 'ratio', 'practice', 'Share lost on board and knife'),
  },
} as const satisfies PatchSystem;
