import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether a cement patch is cut square at its edge. */
export const patchEdge = {
  id: 'patch-edge',
  question: 'How does a cement patch end at its edge?',
  kinds: ['concrete-spall', 'bar-spall', 'broken-edge', 'concrete-scaling'],
  sides: [
    {
      id: 'square',
      title: 'saw-cut square',
      reason: 'A thin feathered edge dries out, curls and comes off.',
      sets: { edge: of(13, 'depth', 'icri-310-1r', 'Square edge of a patch'), wheels: of(19, 'depth', 'practice', 'Square edge under wheels') },
    },
    {
      id: 'feathered',
      title: 'feathered onto the old face',
      reason: 'No cut to be seen; only a coat made to be feathered holds.',
      sets: { feather: of(3, 'depth', 'generic-sheet', 'Thinnest edge of a mortar') },
    },
  ],
  usual: 'square',
  unless: [{ when: { stones: ['paste', 'sand'] }, side: 'feathered', because: 'only the skin is gone, and a fairing coat covers it' }],
  barred: [{ when: { traffic: ['hard-wheels', 'soft-tires'] }, side: 'feathered', why: 'wheels break a feathered edge', source: 'practice' }],
  source: 'icri-310-1r',
} as const satisfies SchoolQuestion;
