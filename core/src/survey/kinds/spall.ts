import { measuring } from '../../shelf/usual/measuring.ts';
import { longCutOutDoubt } from '../extent.ts';
import type { Kind } from '../kind.ts';
import {
  beforeAsk,
  behindAsks,
  causeAsks,
  choice,
  depthAsks,
  estimateAsk,
  is,
  lookAsk,
  measure,
  outlineAsk,
  positionAsk,
  runsOnAsk,
  trafficAsk,
} from '../questions.ts';
import { measuredRow, outlineSurvey } from '../sizes.ts';
import { intoBody } from '../through.ts';

/** margin that a square cut-out keeps around what is broken, in mm */
const { spallMargin: margin } = measuring.figures;

/** A spall: concrete broken out, with no bar in it. */
export const spall: Kind = {
  id: 'concrete-spall',
  surface: 'concrete',
  forTheRecord: ['look', 'access'],
  title: 'spall',
  called: { is: ['spall', 'pothole', 'concrete hole'], in: ['floor'] },
  asks: [
    outlineAsk('What is broken out, to where it rings sound'),
    ...depthAsks(500),
    estimateAsk,
    positionAsk,
    measure('slabMm', 'Member', 'Thickness of the member', 'depth', [30, 3000], { required: false }),
    choice('barSeen', 'Member', 'Is a bar seen or near?', { no: 'none', near: 'near, still covered', seen: 'seen' }),
    measure('coverMm', 'Member', 'Cover over it', 'depth', [0, 300], { when: [is('barSeen', 'near')], hint: 'least reading of the scan' }),
    choice('moisture', 'Ground', 'How wet is it?', { dry: 'dry', damp: 'damp', wet: 'wet, or water comes through' }),
    choice('oil', 'Ground', 'Has oil or salt soaked in?', { no: 'no', oil: 'oil', salt: 'salt', both: 'both' }),
    runsOnAsk,
    ...causeAsks({ impact: 'impact', frost: 'frost', reaction: 'swelling stones', heat: 'heat', rust: 'rusting steel' }),
    ...behindAsks,
    trafficAsk({ when: [is('position', 'floor', 'edge')] }),
    lookAsk,
    beforeAsk({ paint: 'paint or coating', tile: 'tile or topping' }),
  ],
  sense: (facts, ledger) => {
    const into = intoBody(facts, ledger, {
      id: 'deep-spall',
      place: 'A spall',
      body: 'the member',
      section: 'slabMm',
      through: 'A hole right through is boarded from below, which is other work.',
      deep: 'has an engineer looked at what is left to carry?',
    });
    return { ...into, doubts: [...into.doubts, ...longCutOutDoubt(facts, ledger, margin)] };
  },
  survey: (read) => outlineSurvey(read, margin, () => measuredRow('cover', 'Cover over the bar', read.measure('coverMm'))),
};
