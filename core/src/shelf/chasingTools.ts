import { assumed, of } from './sourced.ts';

/** The chasing wheel and the cut it makes. */
export const chasingTools = {
  wheel: of(6.35, 'depth', 'aci-224-1r', 'Width of the crack wheel'),
  bite: assumed(10, 'depth', 'assumed-rate', 'Deepest bite of one pass'),
  trim: of(1, 'depth', 'judgement', 'Trim on each face'),
  keep: of(20, 'depth', 'judgement', 'Clearance kept over what was found'),
  chokeTimes: of(3, 'ratio', 'judgement', 'Choke, in widths of the crack'),
  chokeFrom: of(1.5, 'crackWidth', 'judgement', 'Width from which the crack below is choked'),
  slabUnknown: assumed(100, 'depth', 'practice', 'Usual thickness of a slab on ground'),
} as const;
