import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const bondSbr = {
  id: 'bond-sbr',
  title: 'SBR slurry',
  what: 'bonds new cement to old, wet on wet',
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest') },
  figures: { open: of(20, 'duration', 'generic-sheet', 'Open, at the reference temperature') },
} as const satisfies Auxiliary;
