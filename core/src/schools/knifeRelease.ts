import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** What keeps the knife from sticking. */
export const knifeRelease = {
  id: 'knife-release',
  question: 'How is a knife kept from dragging the paste?',
  kinds: ['timber-check', 'timber-decay', 'timber-through', 'timber-dent'],
  sides: [
    {
      id: 'solvent',
      title: 'wiped with the solvent that the sheet names',
      reason: 'Nothing is left that keeps paint off.',
    },
    {
      id: 'oil',
      title: 'an oily spray',
      reason: 'It slides well, and has to be washed and sanded off before paint.',
      sets: { oil: of(1, 'count', 'practice', 'Oily wipes') },
    },
  ],
  usual: 'solvent',
  source: 'practice',
} as const satisfies SchoolQuestion;
