import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** Whether backer rod is stretched into a joint or pressed in. */
export const backerRod = {
  id: 'backer-rod',
  question: 'How does the backer rod go in?',
  kinds: ['slab-crack', 'joint-spall'],
  systems: ['flexible-sealant'],
  sides: [
    {
      id: 'compressed',
      title: 'pressed in',
      reason: 'It stays where it is put and lets no gas up.',
      sets: { over: of(1.25, 'ratio', 'practice', 'Rod to joint width') },
    },
    {
      id: 'stretched',
      title: 'stretched in',
      reason: 'Quick in a long joint, but a stretched or pricked rod creeps back and blows bubbles into the sealant.',
      unplanned: 'a stretched rod creeps back and lets gas up: it is laid as thick as one that is pressed in',
    },
  ],
  usual: 'compressed',
  source: 'practice',
} as const satisfies SchoolQuestion;
