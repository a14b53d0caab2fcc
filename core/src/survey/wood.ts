import type { Ask } from './ask.ts';
import { choice, isNot, measure } from './questions.ts';

/** What the piece is, how wet it is, and whether it carries: a meter decides, not days. */
export const woodAsks: readonly Ask[] = [
  choice('member', 'Member', 'What is it part of?', {
    trim: 'trim or casing',
    sill: 'sill or threshold',
    siding: 'siding',
    door: 'door or sash',
    post: 'post or column',
    beam: 'beam',
  }),
  choice('loaded', 'Member', 'Does it carry load?', { no: 'no', yes: 'yes', unknown: 'not known' }),
  measure('sectionMm', 'Member', 'Thickness of the piece', 'depth', [3, 1000]),
  choice('place', 'Member', 'Is it inside or outside?', { inside: 'inside', outside: 'outside', sheltered: 'outside, under a roof' }),
  measure('moisturePct', 'Ground', 'Meter reading', 'percent', [3, 100], { hint: 'pins, in the sound wood beside it' }),
  choice('water', 'Ground', 'Is the source of water closed?', { none: 'there is none', closed: 'closed', open: 'not yet' }),
  choice('finish', 'After', 'What finish follows?', { paint: 'paint', stain: 'stain', clear: 'clear' }),
  choice('grain', 'After', 'Must grain show?', { no: 'no', yes: 'yes' }, { when: [isNot('finish', 'clear')] }),
];
