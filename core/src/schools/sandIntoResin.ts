import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether sand is sprinkled into wet resin or mixed with it first. */
export const sandIntoResin = {
  id: 'sand-into-resin',
  question: 'How does the sand get into the resin?',
  kinds: ['slab-crack'],
  systems: ['rapid-crack-resin'],
  sides: [
    {
      id: 'layers',
      title: 'sprinkled in layers, mixed first where it is wide',
      reason: 'In a narrow groove resin soaks through sand from above and leaves no air.',
      sets: { from: of(12, 'depth', 'practice', 'Premix from this width of groove') },
    },
    {
      id: 'premixed',
      title: 'mixed before it is placed',
      reason: 'A mortar is even through, and quicker to place; a narrow groove is filled less surely.',
      sets: { from: of(0, 'depth', 'practice', 'Premix from this width of groove') },
    },
  ],
  usual: 'layers',
  source: 'practice',
} as const satisfies SchoolQuestion;
