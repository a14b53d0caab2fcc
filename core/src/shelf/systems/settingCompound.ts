import type { PatchSystem } from '../patchSystem.ts';
import {
  boardGives,
  dryByUse,
  fillerOverMovement,
  gypsumInDamp,
  insideOnly,
  nailComesAgain,
  notRated,
  soundBoard,
  soundBody,
  spotInLight,
  tapedJoint,
} from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

/** What the setting compounds have in common; they part by how fast they set, and so by how much one fills with a batch. */
export function settingCompound(deepestMm: number, largestMm: number, readyH: number, namedMin: number, hardMin: number) {
  return {
    family: 'gypsum',
    chemistry: 'joint compound that sets by itself, mixed with water',
    work: 'fills and beds in board and plaster',
    suits: ['drywall-dent', 'drywall-hole', 'drywall-joint', 'fastener-pop', 'plaster-crack', 'plaster-hole'],
    gives: ['closed', 'level', 'texture', 'painted'],
    preparation: 'as-found',
    does: ['sets'],
    width: {},
    depth: { min: of(0.5, 'depth', 'practice', 'Thinnest'), max: of(deepestMm, 'depth', 'practice', 'Thickest in all') },
    extent: { max: of(largestMm, 'depth', 'practice', 'Largest') },
    overHole: { by: 'itself', max: of(13, 'depth', 'practice', 'Largest hole with nothing behind it') },
    sizeWhy: { thin: 'a finishing compound does that', deep: 'fill behind it first', large: 'a patch of board or mesh bridges that' },
    slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
    remarks: {
      joint: tapedJoint,
      look: spotInLight,
      moisture: gypsumInDamp,
      movement: fillerOverMovement,
      place: insideOnly,
      wetUse: dryByUse,
      rated: notRated,
      softened: soundBoard,
      fastener: nailComesAgain,
      loose: boardGives,
      binder: {
        lime: { grade: 'care', why: 'gypsum over lime only inside and dry', source: 'practice' },
      },
      body: soundBody,
      lath: {
        rusted: { grade: 'out', why: 'the lath has rusted', source: 'practice', change: 'renew the lath first' },
        missing: { grade: 'out', why: 'there is no lath', source: 'practice', change: 'put up lath first' },
      },
    },
    cure: asStated,
    ready: readyIn(readyH),
    visits: of(1, 'count', 'practice', 'Visits'),
    figures: {
      named: of(namedMin, 'duration', 'generic-sheet', 'Minutes that it is named by'),
      hard: of(hardMin, 'duration', 'practice', 'Hard after, at the latest'),
      water: of(0.35, 'specificVolume', 'generic-sheet', 'Water to the powder'),
      yieldMlG: of(0.85, 'specificVolume', 'generic-sheet', 'Yield of the powder, mixed'),
      coatMost: of(6, 'film', 'practice', 'Thickest coat'),
      bed: of(1.5, 'film', 'practice', 'Bed under tape'),
      thin: of(0.6, 'film', 'practice', 'A finishing coat'),
      strip: of(6, 'depth', 'practice', 'Crack opened to'),
      shrink: of(0.02, 'ratio', 'practice', 'Shrinks by'),
      loss: of(0.2, 'ratio', 'practice', 'Share scraped off and lost'),
    },
  } as const satisfies Omit<PatchSystem, 'id' | 'title'>;
}
