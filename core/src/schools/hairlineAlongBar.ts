import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether a hairline that follows a bar is looked into. */
export const hairlineAlongBar = {
  id: 'hairline-along-bar',
  question: 'What becomes of a hairline along a bar?',
  kinds: ['slab-crack', 'wall-crack'],
  only: { alongBar: ['yes'] },
  before: true,
  sides: [
    {
      id: 'open-window',
      title: 'a trial window, or watched to a date',
      reason: 'It is a sign of rust below, even where it sounds solid.',
      sets: { watched: of(129_600, 'duration', 'practice', 'A hairline along a bar is watched for') },
    },
    {
      id: 'seal',
      title: 'sealed and painted',
      reason: 'Keeps water out for a while, and hides what goes on.',
      sets: { again: of(259_200, 'duration', 'practice', 'A sealed hairline is looked at again within') },
    },
  ],
  usual: 'open-window',
  source: 'practice',
} as const satisfies SchoolQuestion;
