import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const barPrimerZinc = {
  id: 'bar-primer-zinc',
  title: 'Bar primer, zinc-rich',
  what: 'keeps cleaned bars from rusting under the mortar',
  hazards: ['epoxy', 'solvent'],
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  figures: {
    coats: of(2, 'count', 'generic-sheet', 'Coats'),
    coat: of(0.06, 'film', 'generic-sheet', 'Film of a coat'),
    recoat: of(180, 'duration', 'generic-sheet', 'Between coats, at the reference temperature'),
  },
} as const satisfies Auxiliary;
