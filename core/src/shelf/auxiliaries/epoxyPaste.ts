import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const epoxyPaste = {
  id: 'epoxy-paste',
  title: 'Epoxy paste',
  what: 'holds ports and seals the face of a crack before injection',
  hazards: ['epoxy'],
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest') },
  figures: {
    bed: of(3, 'depth', 'practice', 'Bed'),
    strip: of(100, 'depth', 'practice', 'Width of the strip'),
    pressure: of(180, 'duration', 'generic-sheet', 'Ready for pressure, at the reference temperature'),
  },
} as const satisfies Auxiliary;
