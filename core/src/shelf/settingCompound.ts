import type { PatchSystem } from './patchSystem.ts';
import { dryByUse, fillerOverMovement, gypsumInDamp, insideOnly, notRated, soundBoard, soundBody, spotInLight } from './remarks.ts';
import { asStated, of, readyIn } from './sourced.ts';

/** What the setting compounds have in common; they part by how fast they set, and so by how much one fills with a batch. */
export function settingCompound(deepestMm: number, largestMm: number, readyH: number) {
  return {
    family: 'gypsum',
    chemistry: 'joint compound that sets by itself, mixed with water',
    work: 'fills and beds in board and plaster',
    suits: ['drywall-dent', 'drywall-hole', 'drywall-joint', 'fastener-pop', 'plaster-crack', 'plaster-hole'],
    preparation: 'as-found',
    width: {},
    depth: { min: of(0.5, 'depth', 'practice', 'Thinnest'), max: of(deepestMm, 'depth', 'practice', 'Thickest in all') },
    extent: { max: of(largestMm, 'depth', 'practice', 'Largest') },
    sizeWhy: { thin: 'a finishing compound does that', deep: 'fill behind it first', large: 'a patch of board or mesh bridges that' },
    slabC: { min: of(10, 'temperature', 'astm-c840', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
    remarks: {
      look: spotInLight,
      moisture: gypsumInDamp,
      movement: fillerOverMovement,
      place: insideOnly,
      wetUse: dryByUse,
      rated: notRated,
      softened: soundBoard,
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
  } as const satisfies Omit<PatchSystem, 'id' | 'title'>;
}
