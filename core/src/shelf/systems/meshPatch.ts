import type { PatchSystem } from '../patchSystem.ts';
import { dryByUse, notRated, soundBoard } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const meshPatch = {
  id: 'mesh-patch',
  title: 'Mesh patch',
  family: 'gypsum',
  chemistry: 'self-adhesive mesh under setting compound',
  work: 'closes small holes in board',
  suits: ['drywall-hole'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { min: of(13, 'depth', 'practice', 'Smallest'), max: of(100, 'depth', 'practice', 'Largest') },
  overHole: { by: 'backing' },
  sizeWhy: { small: 'compound alone closes that', large: 'mesh gives under the hand over a larger hole' },
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    rated: notRated,
    position: {
      overhead: { grade: 'care', why: 'on a ceiling it sags: a plug or board holds', source: 'practice' },
    },
    wetUse: dryByUse,
    softened: soundBoard,
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    past: of(25, 'depth', 'judgement', 'Patch past the hole, each side'),
    bed: of(1.5, 'film', 'practice', 'First coat, pressed through'),
    thin: of(0.6, 'film', 'practice', 'A finishing coat'),
    hump: of(1, 'depth', 'practice', 'Height of the hump'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
