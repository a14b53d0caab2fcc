import type { PatchSystem } from '../patchSystem.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const backerAndWaterproofing = {
  id: 'backer-and-waterproofing',
  title: 'Backer board and waterproofing',
  family: 'gypsum',
  chemistry: 'cement backer board and a membrane',
  work: 'renews what stands behind tile',
  suits: ['drywall-hole'],
  gives: ['closed', 'level'],
  preparation: 'as-found',
  width: {},
  depth: {},
  extent: { min: of(100, 'depth', 'practice', 'Smallest') },
  overHole: { by: 'backing' },
  sizeWhy: { small: 'open it to sound framing: it gets larger' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    wetUse: {
      dry: { grade: 'out', why: 'a dry wall needs no waterproofing', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(72),
  visits: of(3, 'count', 'practice', 'Visits'),
  figures: {
    screws: of(200, 'depth', 'practice', 'Screws apart'),
    bearing: of(19, 'depth', 'practice', 'Bearing on the frame'),
    gap: of(3, 'depth', 'practice', 'Joint between boards'),
    lap: of(50, 'depth', 'generic-sheet', 'Membrane lapped onto the old'),
    coat: of(0.5, 'film', 'generic-sheet', 'Membrane, each coat dry'),
    coats: of(2, 'count', 'generic-sheet', 'Coats of membrane'),
    solids: of(50, 'percent', 'generic-sheet', 'Solids of the membrane by volume'),
    dry: of(240, 'duration', 'generic-sheet', 'Between coats of membrane'),
    mortarSet: of(1440, 'duration', 'generic-sheet', 'Mortar in the joints set after'),
    test: of(1440, 'duration', 'practice', 'Flood or spray test before tile'),
  },
} as const satisfies PatchSystem;
