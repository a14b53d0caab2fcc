import { measuring } from '../../shelf/usual/measuring.ts';
import type { Kind } from '../kind.ts';
import { plasterAsks } from '../plaster.ts';
import { behindAsks, causeAsks, choice, damp, depthAsks, estimateAsk, faceAsks, lookAsk, outlineAsk, positionAsk } from '../questions.ts';
import { outlineSurvey } from '../sizes.ts';

const { plasterMargin: margin } = measuring.figures;

/** A hole in plaster, down to its lath or base. */
export const plasterHole: Kind = {
  id: 'plaster-hole',
  surface: 'plaster',
  forTheRecord: ['access'],
  alike: { position: [['floor', 'wall', 'edge']], base: [['masonry', 'unknown']], cause: [['impact', 'opened']], look: [['hidden', 'passing']] },
  asksFor: () => ['closed', 'level'],
  title: 'hole in plaster',
  called: { is: ['hole'], in: ['stucco', 'render', 'lath'] },
  asks: [
    outlineAsk('The hole, to where the edge is tight'),
    ...depthAsks(120),
    estimateAsk,
    positionAsk,
    ...plasterAsks,
    choice('place', 'Member', 'Is it inside or outside?', { inside: 'inside', outside: 'outside' }),
    choice('moisture', 'Ground', 'Is it damp?', damp),
    ...causeAsks({ impact: 'impact', leak: 'a leak', opened: 'opened for work' }),
    ...behindAsks,
    ...faceAsks,
    lookAsk,
  ],
  openBehind: (read) => read.choice('lath') === 'missing',
  survey: (read) => outlineSurvey(read, margin),
};
