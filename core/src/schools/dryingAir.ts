import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether a fan runs while compound dries. */
export const dryingAir = {
  id: 'drying-air',
  question: 'Does a fan run while compound dries?',
  kinds: ['drywall-dent', 'fastener-pop', 'drywall-hole', 'drywall-joint', 'finish-fault', 'plaster-crack'],
  sides: [
    {
      id: 'still',
      title: 'no, the air is left still',
      reason: 'It dries evenly from the face to its bottom, and no dust lands on it.',
    },
    {
      id: 'fan',
      title: 'yes, a gentle one past the face',
      reason: 'It saves a quarter of each drying; aimed at the face, or strong, it dries a skin that cracks.',
      sets: { draft: of(0.75, 'ratio', 'judgement', 'Times the drying table, in a gentle draft') },
    },
  ],
  usual: 'still',
  source: 'practice',
} as const satisfies SchoolQuestion;
