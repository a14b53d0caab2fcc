import type { Kind } from '../kind.ts';
import { beforeAsk, causeAsks, choice, depthAsks, estimateAsk, lookAsk, outlineAsk, positionAsk, trafficAsk } from '../questions.ts';
import { outlineSurvey } from '../sizes.ts';

/** Scaling: the face flakes off over an area. */
export const scaling: Kind = {
  id: 'concrete-scaling',
  surface: 'concrete',
  forTheRecord: ['look'],
  alike: {
    position: [['floor', 'wall', 'edge']],
    stones: [
      ['paste', 'sand'],
      ['stones', 'loose'],
    ],
    cause: [['curing', 'retempered']],
  },
  title: 'scaling',
  called: { is: ['scaling', 'scale', 'flaking'], in: ['slab', 'floor'] },
  asks: [
    outlineAsk('The area that flakes'),
    ...depthAsks(60),
    estimateAsk,
    positionAsk,
    choice('stones', 'Member', 'What shows?', { paste: 'paste only', sand: 'sand', stones: 'stones stand out', loose: 'stones come loose' }),
    choice('dusting', 'Member', 'Does it dust when it is rubbed?', { no: 'no', yes: 'yes' }),
    choice('moisture', 'Ground', 'How wet is it?', { dry: 'dry', damp: 'damp', wet: 'wet' }),
    ...causeAsks({ frost: 'frost and salt', curing: 'dried too soon', retempered: 'watered when it was finished', acid: 'acid' }),
    trafficAsk(),
    beforeAsk({ sealer: 'a sealer', paint: 'paint or coating' }),
    lookAsk,
  ],
  survey: (read) => outlineSurvey(read, undefined),
};
