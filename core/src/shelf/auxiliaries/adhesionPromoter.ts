import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const adhesionPromoter = {
  id: 'adhesion-promoter',
  title: 'Adhesion promoter',
  what: 'lets a coating bond to a shell, wiped on',
  hazards: ['solvent'],
  slabC: { min: of(15, 'temperature', 'generic-sheet', 'Coldest') },
  figures: { dry: of(0.5, 'duration', 'generic-sheet', 'Dry after'), until: of(15, 'duration', 'generic-sheet', 'Coat within') },
} as const satisfies Auxiliary;
