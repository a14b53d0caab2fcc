import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Intervals between coats of cement plaster. */
export const plasterCoats = {
  id: 'plaster-coats',
  question: 'How soon does the next coat of cement plaster follow?',
  kinds: ['plaster-hole'],
  systems: ['cement-plaster'],
  sides: [
    {
      id: 'spaced',
      title: 'after the intervals of the standard',
      reason: 'Each coat does its shrinking before the next lies on it.',
      sets: { base: of(2880, 'duration', 'astm-c926', 'First coat to second'), finish: of(10080, 'duration', 'astm-c926', 'Second coat to finish') },
    },
    {
      id: 'same-day',
      title: 'base and finish the same day',
      reason: 'With a rapid material, or doubling up the base coat while it is still soft.',
    },
  ],
  usual: 'spaced',
  source: 'astm-c926',
} as const satisfies SchoolQuestion;
