import type { SchoolQuestion } from './school.ts';

/** How a fault is closed under a clear finish. */
export const clearFinish = {
  id: 'clear-finish',
  question: 'Filler or an insert under a clear finish?',
  kinds: ['timber-check', 'timber-decay', 'timber-through', 'timber-dent'],
  only: { finish: ['clear'] },
  sides: [
    {
      id: 'insert',
      title: 'an insert of the same wood',
      reason: 'Grain goes on through it.',
      favors: ['wood-insert', 'wood-splice'],
    },
    {
      id: 'tinted',
      title: 'a tinted filler',
      reason: 'For checks and pinholes that no insert would hold.',
      favors: ['epoxy-pour-tinted'],
    },
  ],
  usual: 'insert',
  unless: [{ when: { member: ['trim'] }, side: 'tinted', because: 'small faults of trim take a filler' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
