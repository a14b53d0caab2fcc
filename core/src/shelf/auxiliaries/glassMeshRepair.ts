import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const glassMeshRepair = {
  id: 'glass-mesh-repair',
  title: 'Open glass mesh',
  what: 'carries fiber putty over a hole from behind',
  figures: { lap: of(12, 'depth', 'practice', 'Lap'), onto: of(25, 'depth', 'practice', 'Onto the sound shell') },
} as const satisfies Auxiliary;
