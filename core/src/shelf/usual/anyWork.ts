import { assumed } from '../sourced.ts';
import type { Usual } from './usual.ts';

export const anyWork = {
  id: 'any-work',
  title: 'Any work',
  what: 'is what every work has in common: covering, looking over, batches',
  figures: {
    coveredAround: assumed(1000, 'depth', 'practice', 'Covered around the work'),
    coveredBelow: assumed(2000, 'depth', 'practice', 'Covered around work overhead'),
    reserve: assumed(0.25, 'ratio', 'judgement', 'Share of the working time kept in reserve, where the system says none'),
  },
} as const satisfies Usual;
