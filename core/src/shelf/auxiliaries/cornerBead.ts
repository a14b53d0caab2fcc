import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const cornerBead = {
  id: 'corner-bead',
  title: 'Corner bead, paper-faced',
  what: 'keeps an outside corner straight and takes the knocks, bedded in compound',
  figures: { width: of(50, 'depth', 'practice', 'Width of both flanges') },
} as const satisfies Auxiliary;
