import { measuring } from '../../shelf/usual/measuring.ts';
import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import { barLoss, depthBehindBar } from '../../geometry/cutOut.ts';
import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { valueOf } from '../ask.ts';
import { longCutOutDoubt } from '../extent.ts';
import type { Kind } from '../kind.ts';
import { behindAsks, causeAsks, choice, estimateAsk, is, lookAsk, measure, outlineAsk, positionAsk, runsOnAsk, tappingAsk } from '../questions.ts';
import { measuredRow, soundedSurvey } from '../sizes.ts';

/** margin around hollow concrete over rusting steel, and clearances behind a bar, in mm */
const { barMargin: margin } = measuring.figures;

/** Cover pushed off by rusting bars: sounded, its bars measured. */
export const barSpall: Kind = {
  id: 'bar-spall',
  surface: 'concrete',
  forTheRecord: ['look', 'access'],
  alike: { loaded: [['yes', 'unknown']] },
  title: 'spall over a rusting bar',
  called: { is: ['bar spall', 'rebar spall', 'rusting spall', 'rust spall'], in: [] },
  asks: [
    choice('sounded', 'Size', 'How was its extent found?', { tapped: 'tapped, cell by cell', outlined: 'marked and outlined' }),
    tappingAsk('Hollow and sound cells', { when: [is('sounded', 'tapped')] }),
    outlineAsk('The line around what is hollow', { when: [is('sounded', 'outlined')] }),
    measure('depthMm', 'Size', 'Depth of what comes off', 'depth', [1, 500], { required: false, hint: 'at a broken edge' }),
    estimateAsk,
    positionAsk,
    choice('loaded', 'Member', 'Does the member carry load?', { no: 'no', yes: 'yes', unknown: 'not known' }),
    measure('barMm', 'Bars', 'Diameter of the bar', 'depth', [4, 60], { hint: 'where it is not rusted' }),
    measure('leftMm', 'Bars', 'Diameter left at the worst place', 'depth', [0, 60], { hint: 'caliper, on cleaned steel' }),
    measure('bars', 'Bars', 'Bars that have lost section', 'count', [1, 100]),
    measure('coverMm', 'Bars', 'Cover over the bar', 'depth', [0, 300]),
    measure('stoneMm', 'Bars', 'Largest stone in the concrete', 'depth', [2, 80], { required: false }),
    choice('halfBare', 'Bars', 'Is more than half of a bar bare, or its bond lost?', { no: 'no', yes: 'yes' }),
    choice('salt', 'Bars', 'Is there salt in the concrete?', { no: 'no', yes: 'yes', unknown: 'not tested' }),
    runsOnAsk,
    ...causeAsks({ cover: 'too little cover', leak: 'water from above', salt: 'salt', carbonation: 'carbonation' }),
    ...behindAsks,
    lookAsk,
  ],
  sense: (facts, ledger) => {
    const [bar, left] = [valueOf(facts['barMm']), valueOf(facts['leftMm'])] as [number | undefined, number | undefined];
    if (bar === undefined || left === undefined || atMost(left, bar)) return { refused: [], doubts: longCutOutDoubt(facts, ledger, margin) };
    const given = (label: string, value: number) => ledger.given(label, 'depth', value, 'entered', '');
    return {
      refused: [{ field: 'leftMm', sentence: say`No more can be left of the bar than it had: ${given('left', left)} of ${given('bar', bar)}.` }],
      doubts: [],
    };
  },
  survey: (read) =>
    soundedSurvey(read, margin, () => {
      const [bar, left, cover] = [read.measure('barMm'), read.measure('leftMm'), read.measure('coverMm')];
      const { ledger } = read;
      const stone = read.measure('stoneMm') ?? ledger.sourced(concreteWork.figures.stone);
      return [
        ...measuredRow('loss', 'Section of the bar lost', bar && left && ledger.compute(barLoss, { leftMm: left, barMm: bar })),
        ...measuredRow(
          'behind',
          'Depth to clear behind the bar',
          bar &&
            cover &&
            ledger.compute(depthBehindBar, {
              coverMm: cover,
              barMm: bar,
              stoneMm: stone,
              leastMm: ledger.sourced(concreteWork.figures.behindBar),
              stoneMarginMm: ledger.sourced(concreteWork.figures.overStone),
            }),
        ),
      ];
    }),
};
