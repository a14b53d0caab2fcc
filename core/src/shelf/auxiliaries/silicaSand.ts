import type { Auxiliary } from './auxiliary.ts';
import { silicaSand as grains } from '../sand.ts';

export const silicaSand = {
  id: 'silica-sand',
  title: 'Silica sand',
  what: 'fills out a resin, kiln-dry and in two sizes',
  figures: { coarse: grains.coarse, fine: grains.fine },
  not: { damp: { grade: 'out', why: 'damp sand makes resin foam and does not bond', source: 'practice' } },
} as const satisfies Auxiliary;
