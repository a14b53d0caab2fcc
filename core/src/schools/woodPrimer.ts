import { of } from '../shelf/sourced.ts';
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
      sets: { from: of(10, 'duration', 'practice', 'Filler from'), until: of(45, 'duration', 'practice', 'Filler until') },
    },
    {
      id: 'dry',
      title: 'onto primer that is dry to the touch',
      reason: 'Nothing slides, and the face can be looked at.',
      sets: {
        from: of(20, 'duration', 'practice', 'Filler from, dry to the touch'),
        until: of(240, 'duration', 'practice', 'Filler until'),
        tackFree: of(1, 'count', 'practice', 'Dry to the touch'),
      },
    },
  ],
  usual: 'wet',
  source: 'practice',
} as const satisfies SchoolQuestion;
