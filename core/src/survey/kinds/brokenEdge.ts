import { veeVolume } from '../../geometry/cutOut.ts';
import { say } from '../../quantity/saying.ts';
import type { Kind } from '../kind.ts';
import { causeAsks, choice, is, lookAsk, measure, runsOnAsk, trafficAsk } from '../questions.ts';
import { measuredRow } from '../sizes.ts';

/** A broken edge: the nosing of a stair, a slab's edge, a curb, a column's corner. */
export const brokenEdge: Kind = {
  id: 'broken-edge',
  surface: 'concrete',
  forTheRecord: ['look'],
  title: 'broken edge or nosing',
  called: { is: ['edge', 'nosing', 'curb', 'broken edge'], in: ['step', 'stair', 'slab', 'nosing', 'curb'] },
  asks: [
    measure('lengthMm', 'Size', 'Length that is broken', 'length', [20, 100_000]),
    measure('heightMm', 'Size', 'Height of the break', 'depth', [2, 500], { hint: 'down the upright face' }),
    measure('depthMm', 'Size', 'Depth of the break', 'depth', [2, 500], { hint: 'in from the edge' }),
    choice('edge', 'Member', 'What edge is it?', {
      nosing: 'nosing of a stair',
      slab: 'edge of a slab',
      curb: 'curb or sill',
      corner: 'corner of a wall or column',
    }),
    measure('overhangMm', 'Member', 'How far does the new edge stand out over what is below?', 'depth', [0, 300], {
      required: false,
      when: [is('edge', 'nosing', 'slab')],
    }),
    measure('radiusMm', 'Member', 'Radius of the old nosing', 'depth', [0, 60], { required: false, when: [is('edge', 'nosing')] }),
    choice('piece', 'Member', 'Is the broken piece there, and whole?', { no: 'no', yes: 'yes' }),
    choice('barSeen', 'Member', 'Is a bar seen?', { no: 'none', seen: 'seen', rusted: 'seen, and rusted' }),
    choice('moisture', 'Ground', 'How wet is it?', { dry: 'dry', damp: 'damp', wet: 'wet' }),
    runsOnAsk,
    ...causeAsks({ impact: 'impact', frost: 'frost and salt', rust: 'a rusting rail or bar', wear: 'wear' }),
    trafficAsk({ when: [is('edge', 'nosing', 'slab', 'curb')] }),
    lookAsk,
  ],
  survey: (read) => {
    const [length, height, depth] = [read.measure('lengthMm'), read.measure('heightMm'), read.measure('depthMm')];
    if (!length || !height || !depth) throw new Error('a dimension is missing');
    return {
      size: say`${length}, ${height} by ${depth}`,
      measured: [
        ...measuredRow(
          'void',
          'Void as found, as a wedge',
          read.ledger.compute(veeVolume, { lengthMm: length, widthMm: height, depthMm: depth }, 'Void as found'),
        ),
        ...measuredRow('overhang', 'Stands out by', read.measure('overhangMm')),
      ],
      seen: { line: { lengthMm: length.value, stations: [[0, height.value]] } },
    };
  },
};
