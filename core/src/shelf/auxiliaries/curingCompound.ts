import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const curingCompound = {
  id: 'curing-compound',
  title: 'Curing compound',
  what: 'keeps the water in fresh cement: a film sprayed on',
  figures: { cover: of(5, 'spreading', 'generic-sheet', 'Area that it covers') },
  not: {
    'under a later bond': { grade: 'out', why: 'nothing bonds to its film: take it off first', source: 'practice' },
    'on polymer mortar': { grade: 'care', why: 'no solvent type on polymer mortar', source: 'practice' },
  },
} as const satisfies Auxiliary;
