import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How a cement patch is cured. */
export const moistCuring = {
  id: 'moist-curing',
  question: 'How is fresh cement kept damp?',
  kinds: ['concrete-spall', 'bar-spall', 'broken-edge', 'concrete-scaling', 'plaster-hole'],
  sides: [
    {
      id: 'covered',
      title: 'under cover, or with a curing compound',
      reason: 'Nobody has to come back, and it does not dry between.',
      sets: { days: of(7, 'age', 'aci-305r', 'Days damp, plain cement') },
    },
    {
      id: 'misted',
      title: 'misted several times a day',
      reason: 'Enough for a polymer mortar that asks for a few days only, in still, mild air.',
      sets: { days: of(3, 'age', 'practice', 'Days damp, polymer-modified') },
    },
  ],
  usual: 'covered',
  source: 'aci-305r',
} as const satisfies SchoolQuestion;
