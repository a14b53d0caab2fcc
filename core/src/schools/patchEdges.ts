import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** What a patch of board is fastened to. */
export const patchEdges = {
  id: 'patch-edges',
  question: 'What do the edges of a board patch rest on?',
  kinds: ['drywall-hole'],
  systems: ['board-patch'],
  sides: [
    {
      id: 'framing',
      title: 'two members of the frame',
      reason: 'The patch is carried like the board beside it.',
    },
    {
      id: 'backer',
      title: 'one member and a backer of wood',
      reason: 'Where the second is out of reach; screws into the wood.',
      sets: { backers: of(2, 'count', 'practice', 'Backers of wood') },
    },
  ],
  usual: 'framing',
  source: 'practice',
} as const satisfies SchoolQuestion;
