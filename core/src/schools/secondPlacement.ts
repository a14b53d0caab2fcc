import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** When the next lift of resin and sand goes on. */
export const secondPlacement = {
  id: 'second-placement',
  question: 'When does the next placement follow?',
  kinds: ['slab-crack'],
  systems: ['rapid-crack-resin'],
  sides: [
    {
      id: 'gelled',
      title: 'as soon as the one below has gelled',
      reason: 'The two bond by themselves, and the work is done in one go.',
    },
    {
      id: 'cured',
      title: 'when the one below has cured',
      reason: 'Lets it settle and be looked at; its face is abraded and wiped before the next goes on.',
      sets: { abrade: of(1, 'count', 'practice', 'Times that a cured lift is abraded') },
    },
  ],
  usual: 'gelled',
  source: 'practice',
} as const satisfies SchoolQuestion;
