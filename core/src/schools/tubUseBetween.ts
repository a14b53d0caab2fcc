import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether a tub is used while its repair is under way. */
export const tubUseBetween = {
  id: 'tub-use-between',
  question: 'May the tub be used between stages?',
  kinds: ['tub-nick', 'tub-crack', 'tub-hole', 'tub-chip', 'tub-scratches'],
  sides: [
    {
      id: 'no',
      title: 'no',
      reason: 'Water and soap in an open repair undo it.',
    },
    {
      id: 'yes',
      title: 'after it is hard, once dried for a day',
      reason: 'Where there is no other tub, between two finished stages.',
      sets: { dry: of(1440, 'duration', 'practice', 'Dried after use, before the next stage') },
    },
  ],
  usual: 'no',
  source: 'practice',
} as const satisfies SchoolQuestion;
