import type { PatchSystem } from '../patchSystem.ts';
import { boardGives, dryByUse, fillerOverMovement, gypsumInDamp, insideOnly, nailComesAgain, soundBoard, spotInLight, tapedJoint } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const dryingCompound = {
  id: 'drying-compound',
  title: 'Drying compound',
  family: 'gypsum',
  chemistry: 'ready-mixed joint compound that dries',
  work: 'finishes joints and shallow places',
  suits: ['drywall-dent', 'drywall-joint', 'fastener-pop', 'finish-fault', 'plaster-crack'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: { max: of(3, 'depth', 'practice', 'Thickest in all') },
  hides: { max: of(6, 'depth', 'practice', 'Highest hump that is run out') },
  sizeWhy: { deep: 'it shrinks and cracks in a thick coat' },
  slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(40, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    joint: tapedJoint,
    look: spotInLight,
    moisture: gypsumInDamp,
    movement: fillerOverMovement,
    place: insideOnly,
    wetUse: dryByUse,
    softened: soundBoard,
    fastener: nailComesAgain,
    loose: boardGives,
    fault: {
      ridge: { grade: 'care', why: 'a ridge is taken down, not built up to', source: 'practice' },
      scratches: { grade: 'care', why: 'there is nothing to fill: a finer grit takes scratches away', source: 'practice' },
      banding: { grade: 'care', why: 'the face drinks unevenly, which primer evens and compound does not', source: 'practice' },
      texture: { grade: 'care', why: 'compound alone makes a smooth spot in the texture', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(24),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    coatMost: of(1.5, 'film', 'practice', 'Thickest coat'),
    bed: of(1.5, 'film', 'practice', 'Bed under tape'),
    thin: of(0.6, 'film', 'practice', 'A finishing coat'),
    shrink: of(0.25, 'ratio', 'astm-c475', 'Shrinks by'),
    loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
  },
} as const satisfies PatchSystem;
