import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether tape goes around a tub repair. */
export const tubMasking = {
  id: 'tub-masking',
  question: 'Is a tub repair masked with tape?',
  kinds: ['tub-nick', 'tub-crack', 'tub-hole', 'tub-chip', 'tub-scratches'],
  sides: [
    {
      id: 'tape',
      title: 'tape, pulled while it is wet',
      reason: 'A small nick gets a clean edge.',
    },
    {
      id: 'no-tape',
      title: 'no tape: feathered by hand',
      reason: 'A built-up repair shows every ridge that tape leaves.',
      sets: { byHand: of(1, 'count', 'practice', 'Feathered by hand') },
    },
  ],
  usual: 'tape',
  unless: [{ when: { through: ['yes'] }, side: 'no-tape', because: 'it is built up in layers' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
