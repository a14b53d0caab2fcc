import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** What goes over a plug, a mesh or a patch of board once it sits. */
export const overPatch = {
  id: 'over-patch',
  question: 'Which compound goes over a patch of board?',
  kinds: ['drywall-hole', 'plaster-hole', 'plaster-loose'],
  systems: ['board-plug', 'mesh-patch', 'board-patch'],
  sides: [
    {
      id: 'drying',
      title: 'drying compound from the pail',
      reason: 'It sands easily and is there in any amount; each coat is dry before the next, and what set below it too.',
    },
    {
      id: 'setting',
      title: 'setting compound in every coat',
      reason: 'Coats follow as soon as the one below is hard, so that it is sanded the same day; it sands hard, and every coat is mixed anew.',
      sets: {
        named: of(45, 'duration', 'generic-sheet', 'Minutes that the coats are named by'),
        hard: of(80, 'duration', 'practice', 'Coats hard after, at the latest'),
      },
    },
  ],
  usual: 'drying',
  source: 'practice',
} as const satisfies SchoolQuestion;
