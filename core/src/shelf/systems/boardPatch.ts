import type { PatchSystem } from '../patchSystem.ts';
import { gypsumInDamp, insideOnly } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const boardPatch = {
  id: 'board-patch',
  title: 'Board patch',
  family: 'gypsum',
  chemistry: 'board on framing or backers, taped',
  work: 'closes large holes in board and plaster',
  suits: ['drywall-hole', 'plaster-hole', 'plaster-loose'],
  alone: {
    kinds: ['plaster-loose'],
    remark: { grade: 'care', why: 'only after what is loose has been taken down', source: 'practice', change: 'take it down first, or fasten it back' },
  },
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  does: ['feathers-joints'],
  width: {},
  depth: {},
  extent: { min: of(100, 'depth', 'practice', 'Smallest'), below: 'care' },
  overHole: { by: 'backing' },
  sizeWhy: { small: 'a plug closes that sooner' },
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: gypsumInDamp,
    place: insideOnly,
    wetUse: {
      splashed: { grade: 'out', why: 'gypsum where it gets wet', source: 'practice', change: 'a board that bears water, and waterproofing' },
      'under-water': { grade: 'out', why: 'board has no place under water', source: 'practice' },
    },
    lath: {
      rusted: { grade: 'care', why: 'take the lath down to the framing', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(30),
  visits: of(3, 'count', 'practice', 'Visits'),
  figures: {
    bearing: of(19, 'depth', 'astm-c840', 'Bearing on wood or steel'),
    screw: of(32, 'depth', 'astm-c840', 'Length of the screw'),
    screws: of(200, 'depth', 'practice', 'Screws apart on a patch'),
    screwsAbove: of(150, 'depth', 'practice', 'Screws apart on a ceiling patch'),
    end: of(9.5, 'depth', 'astm-c840', 'Screws from the edge'),
    gap: of(3, 'depth', 'practice', 'Widest gap, prefilled'),
    flush: of(1, 'depth', 'practice', 'Face flush within'),
    bed: of(1.5, 'film', 'practice', 'Bed under tape'),
    thin: of(0.6, 'film', 'practice', 'A finishing coat'),
    hump: of(1.5, 'depth', 'practice', 'Height of the hump over a cut joint'),
    set: of(45, 'duration', 'practice', 'Minutes that the prefill is named by'),
    hard: of(80, 'duration', 'practice', 'Prefill hard after'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
