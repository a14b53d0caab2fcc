import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** When the coating’s catalyst goes in. */
export const catalyst = {
  id: 'catalyst',
  question: 'When is the catalyst stirred in?',
  kinds: ['tub-nick', 'tub-crack', 'tub-hole', 'tub-chip', 'tub-scratches'],
  systems: ['two-part-coating', 'gelcoat-paste'],
  sides: [
    {
      id: 'last',
      title: 'last, when the face is ready',
      reason: 'Its pot life is a clock: match the color before it runs.',
    },
    {
      id: 'early',
      title: 'early, while the putty sets',
      reason: 'Saves a few minutes, and may cost the whole pot.',
      sets: { early: of(1, 'count', 'practice', 'Stirred in early') },
    },
  ],
  usual: 'last',
  source: 'practice',
} as const satisfies SchoolQuestion;
