import type { SchoolQuestion } from './school.ts';

/** Whether a crack that may move is filled rigidly. */
export const movingCrack = {
  id: 'moving-crack',
  question: 'What becomes of a crack that moves?',
  kinds: ['slab-crack', 'wall-crack'],
  sides: [
    {
      id: 'flexible',
      title: 'a flexible fill, or a joint',
      reason: 'It takes the movement; a rigid fill cracks again, or the slab cracks beside it.',
      favors: ['flexible-sealant', 'injection-foam', 'drilled-packer-injection'],
    },
    {
      id: 'rigid',
      title: 'a rigid fill',
      reason: 'Only where the movement has stopped and will not begin again.',
      favors: ['rapid-crack-resin', 'epoxy-injection-resin', 'gravity-resin'],
    },
  ],
  usual: 'flexible',
  barred: [{ when: { movement: ['moving'] }, side: 'rigid', why: 'a rigid fill cracks beside a crack that moves', source: 'practice' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
