import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** When the joint is cut again after its edges are rebuilt. */
export const jointRecut = {
  id: 'joint-recut',
  question: 'When is a joint cut again through rebuilt edges?',
  kinds: ['joint-spall'],
  sides: [
    {
      id: 'same-day',
      title: 'the same day, through all of the rebuild',
      reason: 'A shallow or late cut leaves a rigid bridge below, and the slab breaks it where it likes.',
    },
    {
      id: 'later',
      title: 'later, to a set depth',
      reason: 'The rebuild is harder and the saw leaves a cleaner edge.',
      sets: { after: of(1440, 'duration', 'practice', 'Sawn again after') },
    },
  ],
  usual: 'same-day',
  barred: [{ when: { joint: ['isolation'] }, side: 'later', why: 'an isolation joint is formed, never sawn', source: 'practice' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
