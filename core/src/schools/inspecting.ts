import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How a finished face is looked over. */
export const inspecting = {
  id: 'inspecting',
  question: 'How is a face inspected?',
  kinds: [
    'drywall-dent',
    'fastener-pop',
    'drywall-hole',
    'drywall-joint',
    'finish-fault',
    'plaster-crack',
    'plaster-loose',
    'plaster-hole',
    'tub-nick',
    'tub-crack',
    'tub-hole',
    'tub-chip',
    'tub-scratches',
    'timber-check',
    'timber-decay',
    'timber-through',
    'timber-dent',
  ],
  sides: [
    {
      id: 'both',
      title: 'by raking light and by hand, again after primer',
      reason: 'Each finds what the other misses.',
      sets: { passes: of(2, 'count', 'practice', 'Looks, by light and by hand, and after primer') },
    },
    {
      id: 'light',
      title: 'by raking light alone',
      reason: 'Quick, where nobody will touch it.',
      sets: { passes: of(1, 'count', 'practice', 'One look, by light') },
    },
  ],
  usual: 'both',
  source: 'practice',
} as const satisfies SchoolQuestion;
