import { of } from './sourced.ts';

/** Kiln-dry silica sand: two usual sizes, how one size packs, and the density of its grains. */
export const silicaSand = {
  coarse: of(1.19, 'grain', 'practice', 'Coarse sand, mesh 16'),
  fine: of(0.595, 'grain', 'practice', 'Fine sand, mesh 30'),
  porosity: of(0.4, 'ratio', 'practice', 'Voids of one sand alone'),
  mixingLoss: of(0.03, 'ratio', 'practice', 'Voids added by imperfect mixing'),
  grains: of(2.65, 'density', 'practice', 'Density of the grains'),
} as const;
