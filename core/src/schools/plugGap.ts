import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How much play a plug of board has. */
export const plugGap = {
  id: 'plug-gap',
  question: 'How tight is a plug of board?',
  kinds: ['drywall-hole'],
  systems: ['board-plug'],
  sides: [
    {
      id: 'gap',
      title: 'with a small gap, filled',
      reason: 'Compound fills the gap and holds; a forced plug breaks its edges and bulges.',
      sets: { gap: of(2, 'depth', 'practice', 'Gap on each side') },
    },
    {
      id: 'snug',
      title: 'snug',
      reason: 'Less to fill, where the cut is very true.',
    },
  ],
  usual: 'gap',
  source: 'practice',
} as const satisfies SchoolQuestion;
