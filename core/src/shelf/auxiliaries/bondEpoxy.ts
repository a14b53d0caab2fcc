import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const bondEpoxy = {
  id: 'bond-epoxy',
  title: 'Epoxy bonder',
  what: 'bonds fresh cement to old concrete while it is wet',
  hazards: ['epoxy'],
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest') },
  figures: { open: of(30, 'duration', 'generic-sheet', 'Open, at the reference temperature') },
  not: { 'once it has set': { grade: 'out', why: 'set it is a release layer: abrade, and begin again', source: 'practice' } },
} as const satisfies Auxiliary;
