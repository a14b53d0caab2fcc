import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether a repair is primed. */
export const primerUnderPaint = {
  id: 'primer-under-paint',
  question: 'Prime a repair before it is painted?',
  kinds: ['drywall-dent', 'fastener-pop', 'drywall-hole', 'drywall-joint', 'finish-fault', 'plaster-crack', 'plaster-loose', 'plaster-hole'],
  sides: [
    {
      id: 'always',
      title: 'always',
      reason: 'Compound and paper drink differently: without primer the patch shows through.',
      sets: { coats: of(1, 'count', 'practice', 'Coats of primer') },
    },
    {
      id: 'skip',
      title: 'skip it',
      reason: 'Under many coats of flat paint it may do.',
      sets: { coats: of(0, 'count', 'practice', 'Coats of primer') },
    },
  ],
  usual: 'always',
  source: 'ga-214',
} as const satisfies SchoolQuestion;
