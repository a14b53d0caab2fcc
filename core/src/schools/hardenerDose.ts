import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How polyester hardener is dosed. */
export const hardenerDose = {
  id: 'hardener-dose',
  question: 'How is hardener for polyester dosed?',
  kinds: ['tub-nick', 'tub-crack', 'tub-hole', 'tub-chip', 'tub-scratches'],
  systems: ['polyester-fiber-putty', 'polyester-finish-putty', 'fiberglass-laminate'],
  sides: [
    {
      id: 'weighed',
      title: 'weighed, by the temperature within the sheet’s range',
      reason: 'Too much is hot, brittle and stained; in the cold warm the parts instead.',
    },
    {
      id: 'by-tube',
      title: 'by the length from the tube',
      reason: 'Near enough for a nick, with a full tube and a steady hand.',
      sets: { ribbon: of(6, 'depth', 'practice', 'Ribbon from the tube, across') },
    },
  ],
  usual: 'weighed',
  source: 'practice',
} as const satisfies SchoolQuestion;
