import { formula } from '../quantity/formula.ts';

/** What of a mix is lost, in mL: told apart from what is placed. */
export const lostOf = formula({
  name: 'lost-of',
  title: 'Lost',
  words: 'what is mixed, times the share that is lost over one and that share',
  inputs: {
    mixedMl: { kind: 'volume', label: 'mixed', min: 0, max: 1e8, usual: 990 },
    loss: { kind: 'ratio', label: 'share lost', min: 0, max: 3, usual: 0.1 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ mixedMl, loss }) => (mixedMl * loss) / (1 + loss),
});
