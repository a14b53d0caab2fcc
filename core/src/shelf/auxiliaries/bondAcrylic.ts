import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const bondAcrylic = {
  id: 'bond-acrylic',
  title: 'Acrylic bonder',
  what: 'bonds cement or plaster while it is tacky',
  slabC: { min: of(7, 'temperature', 'generic-sheet', 'Coldest') },
  figures: { open: of(45, 'duration', 'generic-sheet', 'Open, at the reference temperature') },
} as const satisfies Auxiliary;
