import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How far apart injection ports stand. */
export const portSpacing = {
  id: 'port-spacing',
  question: 'How far apart are the ports?',
  kinds: ['wall-crack'],
  systems: ['epoxy-injection-resin', 'injection-foam'],
  sides: [
    {
      id: 'by-wall',
      title: 'as far as the wall is thick',
      reason: 'Resin that shows at the next port has then gone about as deep as the wall.',
    },
    {
      id: 'fixed',
      title: 'at a set distance',
      reason: 'Easy to lay out; on a thinner wall it leaves places unfilled.',
      sets: { spacing: of(250, 'length', 'practice', 'Set spacing of ports') },
    },
  ],
  usual: 'by-wall',
  source: 'aci-224-1r',
} as const satisfies SchoolQuestion;
