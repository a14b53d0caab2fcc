import { measuring } from '../../shelf/usual/measuring.ts';
import { plasterWork } from '../../shelf/usual/plasterWork.ts';
import { looseWeight } from '../../geometry/cutOut.ts';
import { say } from '../../quantity/saying.ts';
import { valueOf } from '../ask.ts';
import { foundMm2 } from '../extent.ts';
import type { Kind } from '../kind.ts';
import { plasterAsks } from '../plaster.ts';
import { behindAsks, causeAsks, choice, damp, estimateAsk, faceAsks, is, lookAsk, measure, outlineAsk, positionAsk, tappingAsk } from '../questions.ts';
import { measuredRow, soundedSurvey } from '../sizes.ts';

const { propSag, propArea, density } = plasterWork.figures;

const { looseMargin: margin } = measuring.figures;

/** Plaster that has let go over an area, though it still hangs. */
export const plasterLoose: Kind = {
  id: 'plaster-loose',
  surface: 'plaster',
  forTheRecord: ['access'],
  alike: { position: [['floor', 'wall', 'edge']], base: [['masonry', 'unknown']], paint: [['eggshell', 'gloss']], look: [['hidden', 'passing']] },
  asksFor: () => ['level'],
  title: 'loose plaster',
  called: { is: ['loose', 'hollow'], in: ['stucco', 'render', 'lath'] },
  asks: [
    choice('sounded', 'Size', 'How was its extent found?', { tapped: 'tapped, cell by cell', outlined: 'marked and outlined' }),
    tappingAsk('Hollow and sound cells', { when: [is('sounded', 'tapped')] }),
    outlineAsk('The line around what is hollow', { when: [is('sounded', 'outlined')] }),
    measure('thicknessMm', 'Size', 'Thickness of the plaster', 'depth', [2, 100], { hint: 'at an edge or a hole' }),
    measure('sagMm', 'Size', 'How far does it sag?', 'depth', [0, 300], { hint: 'straightedge; nothing if it lies flat' }),
    estimateAsk,
    positionAsk,
    ...plasterAsks,
    choice(
      'layer',
      'Member',
      'Which layer let go?',
      { lath: 'from its lath or base', coat: 'between two coats', finish: 'the finish only', unknown: 'not tried yet' },
      { hint: 'pull one trial piece before pricing' },
    ),
    choice('body', 'Member', 'Is the plaster itself sound?', { sound: 'sound, only its keys are broken', crumbling: 'crumbling' }),
    choice('moisture', 'Ground', 'Is it damp, are there salts?', { ...damp, salts: 'salts' }),
    ...causeAsks({ vibration: 'vibration', leak: 'a leak', keys: 'no key', rust: 'rusting lath' }),
    ...behindAsks,
    ...faceAsks,
    lookAsk,
  ],
  sense: (facts, ledger) => {
    const sag = valueOf(facts['sagMm']) as number | undefined;
    const loose = foundMm2(facts);
    if ((sag ?? 0) <= propSag.value && loose <= propArea.value) return { refused: [], doubts: [] };
    return {
      refused: [],
      doubts: [
        {
          id: 'prop-first',
          field: 'sagMm',
          sentence: say`It sags by more than ${ledger.sourced(propSag)}, or is loose over more than ${ledger.sourced(propArea)}: is it propped, and the room below cleared?`,
        },
      ],
    };
  },
  survey: (read) =>
    soundedSurvey(read, margin, ({ area }) => {
      const thickness = read.measure('thicknessMm');
      const { ledger } = read;
      return [
        ...measuredRow(
          'weight',
          'Weight that is loose',
          thickness &&
            ledger.compute(looseWeight, {
              areaMm2: area,
              thicknessMm: thickness,
              densityKgL: ledger.sourced(density),
            }),
        ),
        ...measuredRow('sag', 'Sags by', read.measure('sagMm')),
      ];
    }),
};
