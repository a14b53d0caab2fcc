import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { valueOf } from '../ask.ts';
import type { Kind } from '../kind.ts';
import { beforeAsk, behindAsks, causeAsks, choice, is, lineAsks, lookAsk, measure } from '../questions.ts';
import { lineSurvey, measuredRow } from '../sizes.ts';

/** A crack in a concrete wall, soffit or beam: hairline, active, leaking, or along a bar. */
export const wallCrack: Kind = {
  id: 'wall-crack',
  surface: 'concrete',
  alike: { member: [['soffit', 'beam']], course: [['upright', 'slanting', 'joint']], moisture: [['damp', 'seasonal']], look: [['passing', 'close']] },
  asksFor: (choice) => [
    ...(choice('look') === 'hidden' ? [] : (['closed'] as const)),
    ...((choice('moisture') ?? 'dry') === 'dry' ? [] : (['watertight'] as const)),
  ],
  title: 'crack in a wall or soffit',
  called: { is: ['crack'], in: ['wall', 'soffit', 'beam', 'column', 'foundation'] },
  asks: [
    ...lineAsks('crack', 60),
    measure('wallMm', 'Size', 'Thickness of the wall', 'depth', [50, 3000], { required: false, hint: 'at an opening; blank if not known' }),
    measure('depthMm', 'Size', 'Depth of the crack', 'depth', [1, 3000], { required: false, hint: 'wire or feeler; blank if through' }),
    choice('member', 'Member', 'What is it part of?', { 'wall-below': 'wall below grade', wall: 'wall above grade', soffit: 'soffit', beam: 'beam or column' }),
    choice('course', 'Member', 'How does it run?', {
      upright: 'upright',
      slanting: 'slanting',
      level: 'level',
      joint: 'level, where one pour met the next',
      stepped: 'in steps',
    }),
    choice('faces', 'Member', 'Are both sides in one plane?', { level: 'in one plane', displaced: 'one stands out' }),
    measure('bowMm', 'Member', 'How far is the wall bowed?', 'depth', [0, 500], {
      required: false,
      hint: 'string line from end to end; blank if straight',
      when: [is('member', 'wall-below', 'wall')],
    }),
    choice('alongBar', 'Member', 'Does it follow a bar?', { no: 'no', yes: 'yes, or rust shows' }, { hint: 'straight, in line with others, rust' }),
    choice('movement', 'Ground', 'Does it move with the seasons?', { still: 'still', moving: 'moves', unknown: 'not known' }),
    choice('moisture', 'Ground', 'How wet is it?', { dry: 'dry through', damp: 'damp', seasonal: 'wet by season', seeping: 'seeps', running: 'water runs' }),
    ...causeAsks({ shrinkage: 'shrinkage', settlement: 'settlement', water: 'water pressure', load: 'load or impact', rust: 'rusting steel' }),
    ...behindAsks,
    lookAsk,
    beforeAsk({ paint: 'paint', coating: 'a sealing coat' }),
    choice('claim', 'After', 'Must it carry load again?', { no: 'no', 'restore-strength': 'yes, restore strength' }),
  ],
  sense: (facts, ledger) => {
    const [depth, wall] = [valueOf(facts['depthMm']), valueOf(facts['wallMm'])] as [number | undefined, number | undefined];
    if (depth === undefined || wall === undefined || atMost(depth, wall)) return { refused: [], doubts: [] };
    const given = (label: string, value: number) => ledger.given(label, 'depth', value, 'entered', '');
    return {
      refused: [
        {
          field: 'depthMm',
          sentence: say`The crack cannot be deeper than the wall: ${given('depth', depth)} in a wall of ${given('wall', wall)}. A crack right through has the thickness of the wall.`,
        },
      ],
      doubts: [],
    };
  },
  survey: (read) =>
    lineSurvey(read, [...measuredRow('wall', 'Thickness of the wall', read.measure('wallMm')), ...measuredRow('bow', 'Bowed by', read.measure('bowMm'))]),
};
