import type { Ask } from './ask.ts';
import { choice, measure } from './questions.ts';

/** What the board is and carries: a rating, a wet place or a ceiling decide what may be done. */
export const boardAsks: readonly Ask[] = [
  choice('rated', 'Member', 'Is it a rated fire or sound wall?', { no: 'no', yes: 'yes', unknown: 'not known' }),
  choice('wetArea', 'Member', 'Is it behind tile in a shower or tub surround?', { no: 'no', yes: 'yes', damp: 'no, but a damp room' }),
  choice('position', 'Member', 'Where does it lie?', { wall: 'wall', ceiling: 'ceiling' }),
];

export const framingAsks: readonly Ask[] = [
  measure('boardMm', 'Member', 'Thickness of the board', 'depth', [6, 40]),
  measure('framingMm', 'Member', 'Spacing of the framing', 'length', [200, 1000], { required: false, hint: 'center to center' }),
  choice('frame', 'Member', 'What is it fixed to?', { wood: 'wood', steel: 'steel', other: 'masonry or another' }),
];

export const softened = choice('softened', 'Ground', 'Has it been wet?', { no: 'no', dried: 'yes, now dry and firm', soft: 'yes, and it is soft' });
