import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether foam backs a filler in timber. */
export const foamBehind = {
  id: 'foam-behind',
  question: 'May foam stand behind a filler?',
  kinds: ['timber-through', 'timber-decay'],
  sides: [
    {
      id: 'former',
      title: 'as a former only',
      reason: 'It closes the hole to fill against; the filler carries, and is thick enough.',
      sets: { over: of(12, 'depth', 'practice', 'Filler over foam') },
    },
    {
      id: 'none',
      title: 'no foam: solid fill',
      reason: 'Nothing soft is left inside.',
    },
  ],
  usual: 'former',
  source: 'practice',
} as const satisfies SchoolQuestion;
