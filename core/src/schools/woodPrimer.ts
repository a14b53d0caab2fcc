import type { SchoolQuestion } from './school.ts';

/** When filler follows the primer on wood. Its window has two ends. */
export const woodPrimer = {
  id: 'wood-primer',
  question: 'Does the filler go on wet or on dry primer?',
  kinds: ['timber-check', 'timber-decay', 'timber-through', 'timber-dent'],
  systems: ['epoxy-timber-paste', 'epoxy-timber-putty'],
  sides: [
    {
      id: 'wet',
      title: 'into the wet primer',
      reason: 'The two harden together.',
    },
    {
      id: 'dry',
      title: 'onto primer that is dry to the touch',
      reason: 'Nothing slides, and the face can be looked at.',
    },
  ],
  usual: 'wet',
  source: 'practice',
} as const satisfies SchoolQuestion;
