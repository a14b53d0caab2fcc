import type { Kind } from '../kind.ts';
import { boardAsks, framingAsks, softened } from '../board.ts';
import { causeAsks, choice, faceAsks, lineAsks, lookAsk } from '../questions.ts';
import { lineSurvey } from '../sizes.ts';

/** A cracked joint or corner of drywall. */
export const drywallJoint: Kind = {
  id: 'drywall-joint',
  surface: 'drywall',
  alike: {
    paint: [
      ['eggshell', 'gloss'],
      ['paper', 'none'],
    ],
    look: [['hidden', 'passing']],
  },
  asksFor: (choice) => (['inside', 'trim'].includes(choice('joint') ?? '') ? ['closed'] : ['closed', 'level']),
  title: 'cracked joint in drywall',
  called: { is: ['joint', 'seam', 'tape', 'cracked joint', 'cracked seam'], in: [] },
  asks: [
    ...lineAsks('joint', 20, { required: false }),
    choice('joint', 'Member', 'What joint is it?', {
      tapered: 'between tapered edges',
      butt: 'between cut ends',
      inside: 'inside corner',
      outside: 'outside corner',
      trim: 'at trim',
    }),
    choice('tape', 'Member', 'What does the tape do?', { tight: 'it holds, the crack is in the coat', loose: 'it is loose or torn', none: 'there is none' }),
    choice('seasonal', 'Ground', 'Does it open with the seasons?', { no: 'no', yes: 'yes', unknown: 'not known' }),
    ...boardAsks,
    ...framingAsks,
    softened,
    ...causeAsks({ framing: 'movement of the framing', roof: 'the roof lifts in winter', tape: 'badly bedded tape', leak: 'a leak' }),
    ...faceAsks,
    lookAsk,
  ],
  survey: (read) => lineSurvey(read),
};
