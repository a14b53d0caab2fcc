import { measuring } from '../../shelf/usual/measuring.ts';
import type { Kind } from '../kind.ts';
import { behindAsks, causeAsks, lookAsk, measure, outlineAsk } from '../questions.ts';
import { shellAsks } from '../shell.ts';
import { measuredRow, outlineSurvey } from '../sizes.ts';

/** what of the shell is recessed and roughened around a hole, in mm */
const { tubMargin: margin } = measuring.figures;

/** A hole through a tub or shower. */
export const tubHole: Kind = {
  id: 'tub-hole',
  surface: 'tub',
  forTheRecord: ['look'],
  alike: { match: [['color', 'both']] },
  asksFor: () => ['closed', 'level'],
  title: 'hole in a tub or shower',
  called: { is: ['hole'], in: ['gelcoat', 'acrylic', 'enamel'] },
  asks: [
    outlineAsk('The hole, loose cracks cut off'),
    measure('shellMm', 'Size', 'Thickness of the shell', 'depth', [1, 30], { required: false }),
    ...shellAsks,
    ...causeAsks({ impact: 'something fell', hollow: 'no support below', fitting: 'an old fitting' }),
    ...behindAsks,
    lookAsk,
  ],
  openBehind: () => true,
  survey: (read) =>
    outlineSurvey(read, margin, () => [
      ...measuredRow('shell', 'Thickness of the shell', read.measure('shellMm')),
      ...measuredRow('flex', 'Gives by', read.measure('flexMm')),
    ]),
};
