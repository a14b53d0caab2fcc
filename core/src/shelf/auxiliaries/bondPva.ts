import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const bondPva = {
  id: 'bond-pva',
  title: 'PVA bonder',
  what: 'bonds new plaster to old, inside and dry',
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest') },
  figures: {},
  not: { 'outside or wet': { grade: 'out', why: 'water softens it again', source: 'practice' } },
} as const satisfies Auxiliary;
