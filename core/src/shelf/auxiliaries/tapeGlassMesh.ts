import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const tapeGlassMesh = {
  id: 'tape-glass-mesh',
  title: 'Glass mesh tape',
  what: 'bridges a joint of board, stuck on dry',
  figures: { width: of(50, 'depth', 'generic-sheet', 'Width') },
  not: { 'under drying compound': { grade: 'out', why: 'only with a setting compound as the first coat: it cracks otherwise', source: 'practice' } },
} as const satisfies Auxiliary;
