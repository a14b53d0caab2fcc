import type { Kind } from '../kind.ts';
import { causeAsks, choice, lookAsk, measure, outlineAsk } from '../questions.ts';
import { shellAsks } from '../shell.ts';
import { measuredRow, outlineSurvey } from '../sizes.ts';

/** Scratches over an area of a tub or shower. */
export const tubScratches: Kind = {
  id: 'tub-scratches',
  surface: 'tub',
  forTheRecord: ['look'],
  alike: { match: [['color', 'both']] },
  asksFor: () => [],
  title: 'scratches in a tub or shower',
  called: { is: ['scratch', 'scratches'], in: ['gelcoat', 'acrylic', 'enamel'] },
  asks: [
    outlineAsk('The area that is scratched'),
    choice('nail', 'Size', 'Does a fingernail catch?', { no: 'no', yes: 'yes' }),
    measure('depthMm', 'Size', 'Depth of the deepest', 'depth', [0.01, 5]),
    ...shellAsks,
    ...causeAsks({ scouring: 'scouring', sand: 'sand', tool: 'a tool' }),
    lookAsk,
  ],
  survey: (read) => outlineSurvey(read, undefined, () => measuredRow('deepest', 'Deepest scratch', read.measure('depthMm'))),
};
