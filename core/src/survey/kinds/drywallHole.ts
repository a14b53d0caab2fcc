import type { Kind } from '../kind.ts';
import { boardAsks, framingAsks, softened } from '../board.ts';
import { beforeAsk, behindAsks, causeAsks, choice, faceAsks, is, lookAsk, measure, outlineAsk } from '../questions.ts';
import { measuredRow, outlineSurvey } from '../sizes.ts';

/** A hole through drywall, of any size. */
export const drywallHole: Kind = {
  id: 'drywall-hole',
  surface: 'drywall',
  forTheRecord: ['access'],
  alike: {
    cause: [['impact', 'opened']],
    paint: [
      ['eggshell', 'gloss'],
      ['paper', 'none'],
    ],
    look: [['hidden', 'passing']],
  },
  asksFor: () => ['closed', 'level'],
  title: 'hole in drywall',
  called: { is: ['hole'], in: ['gypsum'] },
  asks: [
    outlineAsk('The hole, torn paper included'),
    ...boardAsks,
    ...framingAsks,
    choice('layers', 'Member', 'How many layers of board?', { one: 'one', two: 'two' }),
    choice('knocked', 'Member', 'Can it be knocked again?', { no: 'no', yes: 'yes, by a door or furniture' }),
    softened,
    measure('softMm', 'Ground', 'How wide is the soft margin?', 'depth', [1, 1000], { when: [is('softened', 'soft')] }),
    ...causeAsks({ impact: 'impact', opened: 'opened for work', leak: 'a leak' }),
    ...behindAsks,
    ...faceAsks,
    beforeAsk({ paint: 'paint', paper: 'wall covering', tile: 'tile' }),
    lookAsk,
  ],
  openBehind: () => true,
  survey: (read) =>
    outlineSurvey(read, undefined, () => [
      ...measuredRow('board', 'Thickness of the board', read.measure('boardMm')),
      ...measuredRow('soft', 'Soft margin', read.measure('softMm')),
    ]),
};
