import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const woodBacker = {
  id: 'wood-backer',
  title: 'Backer of wood',
  what: 'carries the edge of a board patch where no framing is',
  figures: { past: of(75, 'depth', 'practice', 'Past the opening at each end'), thickness: of(19, 'depth', 'practice', 'Thickness') },
} as const satisfies Auxiliary;
