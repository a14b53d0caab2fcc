import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** The order of cleaning and masking. */
export const cleanOrMask = {
  id: 'clean-or-mask',
  question: 'Clean the tub first, or mask it first?',
  kinds: ['tub-nick', 'tub-crack', 'tub-hole', 'tub-chip', 'tub-scratches'],
  sides: [
    {
      id: 'clean',
      title: 'clean, dry, then mask',
      reason: 'Tape does not hold on soap film, and a trace of silicone makes craters.',
    },
    {
      id: 'mask',
      title: 'mask, then wipe',
      reason: 'Quick, on a tub that was never used.',
      sets: { maskFirst: of(1, 'count', 'practice', 'Masked before it is wiped') },
    },
  ],
  usual: 'clean',
  source: 'practice',
} as const satisfies SchoolQuestion;
