import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** When paint may go on new cement. */
export const paintOnCement = {
  id: 'paint-on-cement',
  question: 'When is fresh cement painted?',
  kinds: ['concrete-spall', 'bar-spall', 'broken-edge', 'plaster-hole', 'plaster-crack'],
  sides: [
    {
      id: 'cured',
      title: 'after four weeks',
      reason: 'By then it has lost its water and most of its alkali.',
      sets: { wait: of(28, 'age', 'practice', 'Age before paint') },
    },
    {
      id: 'early',
      title: 'after a week, over an alkali-tolerant primer',
      reason: 'When moisture and pH pass a test.',
      sets: { wait: of(7, 'age', 'practice', 'Age before an alkali-tolerant primer') },
    },
  ],
  usual: 'cured',
  source: 'practice',
} as const satisfies SchoolQuestion;
