import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Intervals between coats of cement plaster. */
export const plasterCoats = {
  id: 'plaster-coats',
  question: 'How soon does the next coat of cement plaster follow?',
  kinds: ['plaster-hole', 'plaster-loose'],
  systems: ['cement-plaster', 'lath-and-plaster'],
  sides: [
    {
      id: 'spaced',
      title: 'after the intervals of the standard',
      reason: 'Each coat does its shrinking before the next lies on it.',
    },
    {
      id: 'same-day',
      title: 'the second base coat as soon as the first is firm',
      reason: 'Doubled up it is one thick base: the curing of the first coat is left out, the second is cured in full before the finish.',
      sets: { doubled: of(1, 'count', 'ibc-2512', 'Base coats that are not cured for themselves') },
    },
  ],
  usual: 'spaced',
  source: 'ibc-2512',
} as const satisfies SchoolQuestion;
