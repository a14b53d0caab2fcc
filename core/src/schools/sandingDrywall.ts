import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether drywall is sanded dry or sponged. */
export const sandingDrywall = {
  id: 'sanding-drywall',
  question: 'How is compound made smooth?',
  kinds: ['drywall-dent', 'fastener-pop', 'drywall-hole', 'drywall-joint', 'finish-fault'],
  sides: [
    {
      id: 'dry',
      title: 'sanded dry, with mask and vacuum',
      reason: 'It cuts any compound, and the face is seen at once.',
    },
    {
      id: 'sponge',
      title: 'with a damp sponge',
      reason: 'No dust in a room that is lived in; only drying compound softens again.',
      sets: { sponge: of(1, 'count', 'practice', 'Smoothed damp') },
    },
  ],
  usual: 'dry',
  unless: [{ when: { occupied: ['inside'] }, side: 'sponge', because: 'somebody is in the room' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
