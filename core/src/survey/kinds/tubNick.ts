import type { Kind } from '../kind.ts';
import { causeAsks, lookAsk, spotAsks } from '../questions.ts';
import { shellAsks } from '../shell.ts';
import { spotSurvey } from '../sizes.ts';

/** A nick in the face of a tub or shower: the shell is whole behind it. */
export const tubNick: Kind = {
  id: 'tub-nick',
  surface: 'tub',
  forTheRecord: ['look', 'causeBy'],
  alike: { part: [['wall', 'rim']], match: [['color', 'both']], cause: [['impact', 'tool']] },
  asksFor: () => ['closed', 'level'],
  title: 'nick in a tub or shower',
  called: { is: ['nick'], in: ['gelcoat', 'acrylic', 'enamel'] },
  asks: [...spotAsks(200, 12), ...shellAsks, ...causeAsks({ impact: 'something fell', tool: 'a tool' }), lookAsk],
  survey: (read) => spotSurvey(read),
};
