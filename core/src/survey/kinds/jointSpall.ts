import { chaseVolume } from '../../geometry/groove.ts';
import { say } from '../../quantity/saying.ts';
import type { Kind } from '../kind.ts';
import { causeAsks, choice, is, isNot, lookAsk, measure, trafficAsk } from '../questions.ts';
import { measuredRow } from '../sizes.ts';

/** Spalled edges of a joint in a slab: contraction, construction or isolation. */
export const jointSpall: Kind = {
  id: 'joint-spall',
  surface: 'concrete',
  forTheRecord: ['look'],
  alike: { cause: [['wheels', 'late']] },
  asksFor: () => ['edges', 'joint'],
  title: 'spalled joint',
  called: { is: ['joint', 'spalled joint', 'broken joint'], in: ['slab', 'saw'] },
  why: 'All joints are there to move. What kind it is decides what it may be filled with.',
  asks: [
    measure('lengthMm', 'Size', 'Length that is damaged', 'length', [50, 500_000]),
    measure('widthMm', 'Size', 'Width of the damage, both edges and the joint', 'depth', [3, 500], { hint: 'as wide as most of it' }),
    measure('depthMm', 'Size', 'Depth of the damage', 'depth', [1, 300]),
    measure('gapMm', 'Size', 'Width of the joint itself', 'depth', [0.5, 60]),
    measure('slabMm', 'Member', 'Thickness of the slab', 'depth', [50, 2000], { required: false }),
    choice('joint', 'Member', 'What joint is it?', {
      contraction: 'contraction, saw cut or formed',
      construction: 'construction, between two pours',
      isolation: 'isolation, to let it move',
    }),
    measure('cutMm', 'Member', 'Depth of the saw cut', 'depth', [5, 400], { when: [is('joint', 'contraction')], required: false }),
    choice('filler', 'Member', 'What is in it?', { none: 'nothing', soft: 'a soft sealant', hard: 'a semi-rigid filler', unknown: 'not known' }),
    choice('ground', 'Member', 'Is it steady?', { steady: 'steady', rocks: 'rocks', settled: 'has settled' }),
    measure('slabAgeDays', 'Ground', 'Age of the slab', 'age', [0, 100_000], { required: false, hint: 'only if young' }),
    choice('moisture', 'Ground', 'How wet is it?', { dry: 'dry', damp: 'damp', wet: 'wet' }),
    ...causeAsks({ wheels: 'hard wheels over a soft filler', late: 'sawn too late', load: 'overload', frost: 'frost' }),
    trafficAsk(),
    measure('temperatureC', 'After', 'Temperature it will serve at', 'temperature', [-40, 60], { required: false, when: [isNot('joint', 'isolation')] }),
    lookAsk,
  ],
  survey: (read) => {
    const [length, width, depth, gap] = [read.measure('lengthMm'), read.measure('widthMm'), read.measure('depthMm'), read.measure('gapMm')];
    if (!length || !width || !depth || !gap) throw new Error('a dimension is missing');
    return {
      size: say`${length}, ${width} wide`,
      measured: [
        ...measuredRow(
          'void',
          'Void as found, joint included',
          read.ledger.compute(chaseVolume, { lengthMm: length, widthMm: width, depthMm: depth }, 'Void as found'),
        ),
        ...measuredRow('gap', 'Width of the joint', gap),
        ...measuredRow('cut', 'Depth of the saw cut', read.measure('cutMm')),
      ],
      seen: { line: { lengthMm: length.value, stations: [[0, width.value]] } },
    };
  },
};
