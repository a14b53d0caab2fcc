import type { Kind } from '../kind.ts';
import { causeAsks, choice, lineAsks, lookAsk, measure } from '../questions.ts';
import { lineSurvey } from '../sizes.ts';
import { woodAsks } from '../wood.ts';

/** A check: a crack along the grain. */
export const timberCheck: Kind = {
  id: 'timber-check',
  surface: 'timber',
  forTheRecord: ['look'],
  alike: { water: [['none', 'closed']] },
  asksFor: () => [],
  title: 'check in timber',
  called: { is: ['check', 'split'], in: ['sill', 'door', 'trim', 'post', 'beam', 'siding', 'casing'] },
  asks: [
    ...lineAsks('check', 60),
    measure('depthMm', 'Size', 'Depth', 'depth', [0.5, 500], { hint: 'feeler, at the deepest' }),
    choice('face', 'Member', 'Which face is it in?', { top: 'the top: water stands in it', side: 'a side', bottom: 'the underside', end: 'the end grain' }),
    choice('movement', 'Ground', 'Does it open and close?', { still: 'no', moving: 'yes', unknown: 'not known' }),
    ...woodAsks,
    ...causeAsks({ drying: 'drying', weather: 'sun and rain', load: 'load' }),
    lookAsk,
  ],
  survey: (read) => lineSurvey(read),
};
