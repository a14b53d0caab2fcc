import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How thick plaster may be on a concrete ceiling. */
export const overheadPlaster = {
  id: 'overhead-plaster',
  question: 'How thick is plaster overhead on smooth concrete?',
  kinds: ['plaster-hole', 'plaster-loose'],
  sides: [
    {
      id: 'thin',
      title: 'thin in all, or on lath',
      reason: 'Nothing but its own grip holds it up there.',
      sets: { most: of(9.5, 'depth', 'astm-c926', 'Most in all, overhead on concrete') },
    },
    {
      id: 'match',
      title: 'as thick as what was there',
      reason: 'It meets the old face, and hangs by its bond alone.',
      unplanned: 'where it matters, overhead on smooth concrete, thick plaster comes down',
    },
  ],
  usual: 'thin',
  barred: [
    { when: { position: ['overhead'], base: ['concrete'] }, side: 'match', why: 'thick plaster on smooth concrete overhead comes down', source: 'astm-c926' },
  ],
  source: 'astm-c926',
} as const satisfies SchoolQuestion;
