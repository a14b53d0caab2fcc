import { say } from '../../quantity/saying.ts';
import type { Kind } from '../kind.ts';
import { boardAsks, framingAsks, softened } from '../board.ts';
import { causeAsks, choice, faceAsks, lookAsk, measure } from '../questions.ts';
import { measuredRow } from '../sizes.ts';

/** Nails or screws that stand out of drywall. */
export const fastenerPop: Kind = {
  id: 'fastener-pop',
  surface: 'drywall',
  alike: { look: [['hidden', 'passing']] },
  asksFor: () => ['closed', 'level'],
  title: 'popped fasteners',
  called: { is: ['pop', 'popped', 'fastener', 'nail', 'screw'], in: [] },
  asks: [
    measure('pops', 'Size', 'How many?', 'count', [1, 2000]),
    measure('standMm', 'Size', 'How far do they stand out?', 'depth', [0.1, 20], { required: false }),
    choice('fastener', 'Size', 'What are they?', { nail: 'nails', screw: 'screws', unknown: 'not known' }),
    choice('loose', 'Size', 'Does the board give when it is pressed?', { no: 'it is tight', yes: 'it gives' }),
    ...boardAsks,
    ...framingAsks,
    softened,
    ...causeAsks({ shrinkage: 'the framing dried', impact: 'a knock', few: 'too few fasteners' }),
    ...faceAsks,
    lookAsk,
  ],
  survey: (read) => {
    const pops = read.measure('pops');
    if (!pops) throw new Error(`the fact 'pops' is missing`);
    return {
      size: say`${pops} of them`,
      measured: [...measuredRow('pops', 'Fasteners', pops), ...measuredRow('stand', 'Stand out by', read.measure('standMm'))],
    };
  },
};
