import type { Kind } from '../kind.ts';
import { boardAsks } from '../board.ts';
import { causeAsks, choice, estimateAsk, faceAsks, is, lookAsk, measure, outlineAsk } from '../questions.ts';
import { measuredRow, outlineSurvey } from '../sizes.ts';

/** A fault of the finish over an area: it is whole, and it shows. */
export const finishFault: Kind = {
  id: 'finish-fault',
  surface: 'drywall',
  forTheRecord: ['rated', 'causeBy'],
  alike: { paint: [['eggshell', 'gloss']], look: [['hidden', 'passing']] },
  asksFor: () => ['level'],
  title: 'fault of the finish',
  called: { is: ['ridge', 'hump', 'blister', 'banding', 'finish'], in: ['fault', 'raking'] },
  asks: [
    outlineAsk('The area that shows it'),
    estimateAsk,
    choice('fault', 'Size', 'What shows?', {
      ridge: 'ridges over joints',
      hump: 'a hump',
      blister: 'blisters',
      banding: 'joints shine through',
      scratches: 'sanding scratches',
      texture: 'texture that does not match',
    }),
    measure('heightMm', 'Size', 'How high is it?', 'depth', [0.1, 20], { required: false, when: [is('fault', 'hump')], hint: 'straightedge over it' }),
    ...boardAsks,
    ...causeAsks({ coats: 'too few coats', sanding: 'sanding', primer: 'no primer', dry: 'coated before it was dry' }),
    ...faceAsks,
    lookAsk,
  ],
  survey: (read) => outlineSurvey(read, undefined, () => measuredRow('height', 'Stands up by', read.measure('heightMm'))),
};
