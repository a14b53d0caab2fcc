import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How much old plaster is taken off. */
export const plasterExtent = {
  id: 'plaster-extent',
  question: 'How much plaster comes off?',
  kinds: ['plaster-loose', 'plaster-crack'],
  sides: [
    {
      id: 'loose',
      title: 'what is loose',
      reason: 'Keeps the old face; what is left may let go later.',
    },
    {
      id: 'whole',
      title: 'the whole face',
      reason: 'Everything is new; the most dust and cost.',
      sets: { whole: of(1, 'count', 'practice', 'Whole faces') },
    },
  ],
  usual: 'loose',
  unless: [{ when: { body: ['crumbling'] }, side: 'whole', because: 'the body of it crumbles' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
