import type { Ask } from './ask.ts';
import { choice, is } from './questions.ts';

/** What plaster it is, and what carries it: a hard patch on a soft wall breaks away. */
export const plasterAsks: readonly Ask[] = [
  choice(
    'binder',
    'Member',
    'What plaster is it?',
    { cement: 'cement', gypsum: 'gypsum', lime: 'lime', unknown: 'not known' },
    { hint: 'lime is soft and fizzes under acid, gypsum is soft and does not, cement is hard and gray' },
  ),
  choice('base', 'Member', 'What is behind it?', {
    'metal-lath': 'metal lath',
    'wood-lath': 'wood lath',
    board: 'board lath',
    masonry: 'masonry',
    concrete: 'cast concrete',
    unknown: 'not known',
  }),
  choice(
    'lath',
    'Member',
    'In what state is the lath?',
    { sound: 'sound', loose: 'loose', rusted: 'rusted or rotten', missing: 'missing' },
    { when: [is('base', 'metal-lath', 'wood-lath', 'board')] },
  ),
];
