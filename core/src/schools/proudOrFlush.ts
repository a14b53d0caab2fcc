import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether a fill is left proud and ground off. */
export const proudOrFlush = {
  id: 'proud-or-flush',
  question: 'Filled flush, or proud and cut back?',
  kinds: ['slab-crack', 'joint-spall'],
  sides: [
    {
      id: 'proud',
      title: 'proud, then cut back',
      reason: 'It shrinks and soaks a little: cut back it ends level.',
    },
    {
      id: 'flush',
      title: 'flush',
      reason: 'No grinding and no dust; a slight hollow may stay.',
      sets: { proud: of(0, 'depth', 'practice', 'Left proud') },
    },
  ],
  usual: 'proud',
  source: 'practice',
} as const satisfies SchoolQuestion;
