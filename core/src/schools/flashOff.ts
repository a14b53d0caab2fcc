import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How long a mist coat flashes off. */
export const flashOff = {
  id: 'flash-off',
  question: 'How long between mist coats?',
  kinds: ['tub-nick', 'tub-crack', 'tub-hole', 'tub-chip', 'tub-scratches'],
  systems: ['two-part-coating'],
  sides: [
    {
      id: 'long',
      title: 'a minute or two',
      reason: 'A large or upright face holds more solvent, and runs when the next comes too soon.',
      sets: { wait: of(1.5, 'duration', 'practice', 'Between mist coats, large or upright') },
    },
    {
      id: 'short',
      title: 'half a minute',
      reason: 'A small flat place is ready sooner; longer gains nothing.',
      sets: { wait: of(0.5, 'duration', 'practice', 'Between mist coats, small and flat') },
    },
  ],
  usual: 'long',
  unless: [{ when: { part: ['floor', 'rim'] }, side: 'short', because: 'it is flat' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
