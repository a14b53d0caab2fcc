import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** When the injection moves on to the next port. */
export const injectionDone = {
  id: 'injection-done',
  question: 'When is a port full?',
  kinds: ['wall-crack'],
  systems: ['epoxy-injection-resin'],
  sides: [
    {
      id: 'refusal',
      title: 'when it takes no more for a while',
      reason: 'Also fills what lies deeper than the way to the next port.',
      sets: { hold: of(2, 'duration', 'practice', 'Held at refusal') },
    },
    {
      id: 'next-port',
      title: 'when the next port shows',
      reason: 'Enough where the ports stand as far apart as the wall is thick; topped up at the end.',
    },
  ],
  usual: 'refusal',
  source: 'practice',
} as const satisfies SchoolQuestion;
