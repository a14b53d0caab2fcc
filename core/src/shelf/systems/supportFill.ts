import type { PatchSystem } from '../patchSystem.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const supportFill = {
  id: 'support-fill',
  title: 'Shell supported',
  family: 'tub',
  chemistry: 'low-expansion foam or mortar under the shell',
  work: 'supports a tub floor that gives',
  suits: ['tub-crack', 'tub-hole'],
  hazards: ['isocyanate', 'hot'],
  gives: [],
  opens: ['access'],
  preparation: 'as-found',
  width: {},
  depth: {},
  flex: { min: of(1, 'depth', 'judgement', 'Least it gives') },
  overHole: { by: 'backing' },
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    part: {
      wall: { grade: 'out', why: 'a wall is not walked on', source: 'practice' },
      rim: { grade: 'out', why: 'a rim is not walked on', source: 'practice' },
    },
    shell: {
      enamel: { grade: 'out', why: 'iron and steel do not give: look for what is loose', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    hole: of(30, 'depth', 'practice', 'Access hole'),
    rise: of(3, 'ratio', 'practice', 'Rise in confinement'),
    shot: of(200, 'volume', 'practice', 'A shot, as liquid'),
    gap: of(15, 'depth', 'judgement', 'Gap below the shell, where it is not measured'),
    wait: of(30, 'duration', 'generic-sheet', 'Between shots'),
    firm: of(1440, 'duration', 'generic-sheet', 'Firm after'),
  },
} as const satisfies PatchSystem;
