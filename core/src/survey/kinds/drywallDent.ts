import type { Kind } from '../kind.ts';
import { boardAsks } from '../board.ts';
import { causeAsks, choice, faceAsks, lookAsk, measure, spotAsks } from '../questions.ts';
import { measuredRow, spotSurvey } from '../sizes.ts';

/** A dent in drywall: the board is not through. */
export const drywallDent: Kind = {
  id: 'drywall-dent',
  surface: 'drywall',
  alike: { look: [['hidden', 'passing']] },
  asksFor: () => ['closed', 'level'],
  title: 'dent in drywall',
  called: { is: ['dent', 'ding'], in: [] },
  asks: [
    ...spotAsks(400, 12),
    measure('dents', 'Size', 'How many like it?', 'count', [1, 500]),
    choice('paper', 'Size', 'Is the paper torn?', { no: 'whole', yes: 'torn' }),
    ...boardAsks,
    ...causeAsks({ impact: 'a knock', handle: 'a door handle', furniture: 'furniture' }),
    ...faceAsks,
    lookAsk,
  ],
  survey: (read) => spotSurvey(read, measuredRow('dents', 'Dents', read.measure('dents'))),
};
