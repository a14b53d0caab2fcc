import type { PatchSystem } from '../patchSystem.ts';
import { dryByUse, gypsumInDamp, insideOnly, soundBody } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const skimCoat = {
  id: 'skim-coat',
  title: 'Skim coat',
  family: 'gypsum',
  chemistry: 'a thin coat over the whole face',
  work: 'evens a whole face for gloss or raking light',
  suits: ['finish-fault', 'plaster-crack', 'drywall-dent'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  width: { max: of(0.3, 'crackWidth', 'practice', 'Widest crack that stays closed under it') },
  depth: { max: of(3, 'depth', 'practice', 'Thickest in all') },
  hides: { max: of(1.5, 'depth', 'practice', 'Highest hump that it hides') },
  sizeWhy: {
    high: 'it is run out wide with compound first',
    deep: 'thicker than a skim',
    wide: 'a crack that is seen comes through it: it is opened, filled and taped first',
  },
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: gypsumInDamp,
    movement: {
      moving: { grade: 'out', why: 'it cracks again over what moves', source: 'practice' },
      unknown: { grade: 'care', why: 'it cracks again over what moves', source: 'practice' },
    },
    place: insideOnly,
    wetUse: dryByUse,
    body: soundBody,
    fault: {
      scratches: { grade: 'care', why: 'a finer grit takes scratches away', source: 'practice' },
      texture: { grade: 'care', why: 'it makes the whole face smooth, or is textured again all over', source: 'practice' },
    },
    finish: {
      covering: { grade: 'care', why: 'a covering hides what a skim evens', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    coat: of(0.8, 'film', 'practice', 'A skim coat, wet'),
    coats: of(2, 'count', 'practice', 'Skim coats, crosswise'),
    cover: of(2.2, 'spreading', 'generic-sheet', 'Area that a liter covers'),
    loss: of(0.1, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
