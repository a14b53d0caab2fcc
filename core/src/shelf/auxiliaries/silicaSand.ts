import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const silicaSand = {
  id: 'silica-sand',
  title: 'Silica sand',
  what: 'fills out a resin, kiln-dry and in two sizes',
  figures: { coarse: of(1.19, 'grain', 'practice', 'Coarse grains'), fine: of(0.6, 'grain', 'practice', 'Fine grains') },
  not: { 'damp': { grade: 'out', why: 'damp sand makes resin foam and does not bond', source: 'practice' } },
} as const satisfies Auxiliary;
