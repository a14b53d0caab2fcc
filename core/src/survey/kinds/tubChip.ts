import type { Kind } from '../kind.ts';
import { causeAsks, choice, lookAsk, measure, spotAsks } from '../questions.ts';
import { shellAsks } from '../shell.ts';
import { measuredRow, spotSurvey } from '../sizes.ts';

/** A chip in enamel: down to the metal, or not. */
export const tubChip: Kind = {
  id: 'tub-chip',
  surface: 'tub',
  forTheRecord: ['look', 'causeBy'],
  alike: { shell: [['acrylic', 'plastic']], part: [['wall', 'rim']], match: [['color', 'both']], cause: [['impact', 'tool']] },
  asksFor: () => ['closed', 'level'],
  title: 'chip in a tub or basin',
  called: { is: ['chip'], in: ['gelcoat', 'acrylic', 'enamel'] },
  asks: [
    ...spotAsks(200, 10),
    measure('chips', 'Size', 'How many like it?', 'count', [1, 200]),
    choice('metal', 'Size', 'Does metal show?', { no: 'no', yes: 'yes' }),
    ...shellAsks,
    ...causeAsks({ impact: 'something fell', tool: 'a tool' }),
    lookAsk,
  ],
  survey: (read) => spotSurvey(read, measuredRow('chips', 'Chips', read.measure('chips'))),
};
