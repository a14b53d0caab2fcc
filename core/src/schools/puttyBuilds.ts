import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether putty is sanded between builds. */
export const puttyBuilds = {
  id: 'putty-builds',
  question: 'What is done between builds of putty?',
  kinds: ['tub-crack', 'tub-hole'],
  systems: ['polyester-fiber-putty'],
  sides: [
    {
      id: 'tack-free',
      title: 'next build on the tack-free one',
      reason: 'It bonds by itself; sanded only before the finish putty.',
      sets: { wait: of(10, 'duration', 'generic-sheet', 'Tack-free after') },
    },
    {
      id: 'sanded',
      title: 'each build hard and sanded',
      reason: 'A flat ground for each; more time and dust.',
      sets: { wait: of(30, 'duration', 'generic-sheet', 'Sanded after') },
    },
  ],
  usual: 'tack-free',
  source: 'practice',
} as const satisfies SchoolQuestion;
