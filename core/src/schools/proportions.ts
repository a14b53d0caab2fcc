import type { SchoolQuestion } from './school.ts';

/** Whether a mix is measured. */
export const proportions = {
  id: 'proportions',
  question: 'How is a mix proportioned?',
  kinds: [
    'concrete-spall',
    'bar-spall',
    'broken-edge',
    'plaster-crack',
    'plaster-loose',
    'plaster-hole',
    'timber-check',
    'timber-decay',
    'timber-through',
    'timber-dent',
    'tub-nick',
    'tub-crack',
    'tub-hole',
    'tub-chip',
    'tub-scratches',
    'slab-crack',
    'wall-crack',
  ],
  sides: [
    {
      id: 'measured',
      title: 'weighed, or whole packs',
      reason: 'It sets as the sheet says, every time.',
    },
    {
      id: 'by-eye',
      title: 'by eye',
      reason: 'Quick; what it does in the wall nobody knows.',
      unplanned: 'a plan tells amounts, and what is taken by eye is none',
    },
  ],
  usual: 'measured',
  source: 'practice',
} as const satisfies SchoolQuestion;
