import type { Kind } from '../kind.ts';
import { beforeAsk, causeAsks, choice, damp, faceAsks, is, lineAsks, lookAsk, measure, positionAsk } from '../questions.ts';
import { plasterAsks } from '../plaster.ts';
import { lineSurvey } from '../sizes.ts';

/** A crack in plaster. */
export const plasterCrack: Kind = {
  id: 'plaster-crack',
  surface: 'plaster',
  alike: {
    position: [['floor', 'wall', 'edge']],
    base: [['masonry', 'unknown']],
    lath: [['rusted', 'missing']],
    paint: [['eggshell', 'gloss']],
    look: [['hidden', 'passing']],
  },
  asksFor: () => ['closed', 'level'],
  title: 'crack in plaster',
  called: { is: ['crack'], in: ['stucco', 'render', 'lath'] },
  asks: [
    ...lineAsks('crack', 30),
    measure('depthMm', 'Size', 'Depth', 'depth', [0.1, 60], { required: false }),
    choice('runs', 'Size', 'Where does it run?', { face: 'across a face', meeting: 'where two things meet' }, { required: false }),
    choice('hollow', 'Size', 'Is it hollow beside it?', { no: 'sound on both sides', yes: 'hollow' }, { hint: 'tap along both sides' }),
    measure('hollowMm', 'Size', 'How wide is the hollow strip?', 'depth', [5, 2000], { when: [is('hollow', 'yes')] }),
    positionAsk,
    ...plasterAsks,
    choice('movement', 'Ground', 'Does it open and close with the seasons?', { still: 'no', moving: 'yes', unknown: 'not known' }),
    choice('moisture', 'Ground', 'Is it damp?', damp),
    ...causeAsks({ settlement: 'settlement', vibration: 'vibration', lath: 'movement of the lath or frame', shrinkage: 'shrinkage', leak: 'a leak' }),
    ...faceAsks,
    beforeAsk({ paint: 'paint', paper: 'wall covering', limewash: 'limewash' }),
    lookAsk,
  ],
  survey: (read) => lineSurvey(read),
};
