import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How deep a slab crack is chased. Quantities differ two- to threefold: each side computes its own. */
export const chaseDepth = {
  id: 'chase-depth',
  question: 'How deep to chase?',
  kinds: ['slab-crack'],
  sides: [
    {
      id: 'shallow',
      title: 'shallow',
      reason: 'Enough for feet and a cosmetic fill; least material and dust.',
      sets: { depth: of(6.35, 'depth', 'aci-224-1r', 'Depth of a shallow chase') },
    },
    {
      id: 'deep',
      title: 'deep',
      reason: 'Holds the edges under wheels and where they are weak.',
      sets: { depth: of(19.05, 'depth', 'practice', 'Depth of a deep chase') },
    },
  ],
  usual: 'shallow',
  unless: [{ when: { traffic: ['hard-wheels'] }, side: 'deep', because: 'hard wheels go over it' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
