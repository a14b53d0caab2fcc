import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** What may touch a tub’s shell. */
export const tubCleaner = {
  id: 'tub-cleaner',
  question: 'What is a tub cleaned with?',
  kinds: ['tub-nick', 'tub-crack', 'tub-hole', 'tub-chip', 'tub-scratches'],
  sides: [
    {
      id: 'detergent',
      title: 'mild detergent, then the kit’s own cleaner',
      reason: 'Nothing in it harms a plastic shell.',
    },
    {
      id: 'acetone',
      title: 'acetone, on and straight off, after washing',
      reason: 'Takes off the last trace of grease from gelcoat or enamel.',
      sets: { acetone: of(1, 'count', 'practice', 'Wipes with acetone') },
    },
  ],
  usual: 'detergent',
  unless: [{ when: { shell: ['gelcoat', 'enamel'] }, side: 'acetone', because: 'gelcoat and enamel stand it' }],
  barred: [
    { when: { shell: ['acrylic', 'plastic', 'unknown'] }, side: 'acetone', why: 'acetone crazes acrylic and plastic, even as a trial', source: 'practice' },
  ],
  source: 'practice',
} as const satisfies SchoolQuestion;
