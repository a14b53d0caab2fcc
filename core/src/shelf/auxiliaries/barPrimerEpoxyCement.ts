import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const barPrimerEpoxyCement = {
  id: 'bar-primer-epoxy-cement',
  title: 'Bar primer, epoxy and cement',
  what: 'keeps cleaned bars from rusting under the mortar',
  hazards: ['epoxy', 'cement'],
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  figures: {
    coats: of(2, 'count', 'generic-sheet', 'Coats'),
    coat: of(0.5, 'film', 'generic-sheet', 'Film of a coat'),
    recoat: of(180, 'duration', 'generic-sheet', 'Between coats, at the reference temperature'),
  },
} as const satisfies Auxiliary;
