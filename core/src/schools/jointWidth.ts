import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How wide compound is spread over a joint. */
export const jointWidth = {
  id: 'joint-width',
  question: 'How wide is a joint on a patch feathered?',
  kinds: ['drywall-hole', 'drywall-joint'],
  sides: [
    {
      id: 'wide',
      title: 'wide',
      reason: 'A patch has no tapered edges: the hump has to be lost over a long way.',
      sets: { width: of(500, 'depth', 'practice', 'Width over untapered edges') },
    },
    {
      id: 'narrow',
      title: 'as a tapered joint',
      reason: 'Enough where both edges are tapered.',
      sets: { width: of(300, 'depth', 'practice', 'Width over tapered edges') },
    },
  ],
  usual: 'wide',
  unless: [{ when: { joint: ['tapered'] }, side: 'narrow', because: 'both edges are tapered' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
