import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const backingFoam = {
  id: 'backing-foam',
  title: 'Backing foam',
  what: 'closes a cavity to fill against',
  hazards: ['isocyanate'],
  figures: { over: of(12, 'depth', 'practice', 'Cut back below the face'), cure: of(60, 'duration', 'generic-sheet', 'Cut after') },
  not: { 'to carry': { grade: 'out', why: 'it carries nothing', source: 'practice' } },
} as const satisfies Auxiliary;
