import type { Kind } from '../kind.ts';
import { behindAsks, causeAsks, choice, lineAsks, lookAsk } from '../questions.ts';
import { shellAsks } from '../shell.ts';
import { lineSurvey, measuredRow } from '../sizes.ts';

/** A crack in a tub or shower. */
export const tubCrack: Kind = {
  id: 'tub-crack',
  surface: 'tub',
  forTheRecord: ['look', 'access'],
  alike: { match: [['color', 'both']] },
  asksFor: () => ['closed', 'level'],
  title: 'crack in a tub or shower',
  called: { is: ['crack'], in: ['gelcoat', 'acrylic', 'enamel'] },
  asks: [
    ...lineAsks('crack, to where dye no longer runs in', 20, { required: false }),
    choice('through', 'Size', 'Is it through?', { no: 'only in the face', yes: 'through', unknown: 'not known' }),
    choice('branches', 'Size', 'Does it branch?', { no: 'one line', yes: 'it branches' }),
    ...shellAsks,
    ...causeAsks({ hollow: 'no support below', impact: 'something fell', heat: 'heat' }),
    ...behindAsks,
    lookAsk,
  ],
  survey: (read) => lineSurvey(read, measuredRow('flex', 'Gives by', read.measure('flexMm'))),
};
