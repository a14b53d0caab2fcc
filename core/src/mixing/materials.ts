import { formula } from '../quantity/formula.ts';

/** Pieces of one material, added up. */
export const piecesInAll = formula({
  name: 'pieces-in-all',
  title: 'Pieces in all',
  words: 'the pieces of each step added up',
  inputs: { count: { kind: 'count', label: 'pieces of a step', min: 0, max: 1e6, list: true, usual: [4, 6] } },
  output: 'count',
  source: 'geometry',
  compute: ({ count }) => count.reduce((a, b) => a + b, 0),
});

/** Lengths of one material, added up, in mm. */
export const lengthsInAll = formula({
  name: 'lengths-in-all',
  title: 'Length in all',
  words: 'the lengths of each step added up',
  inputs: { lengthMm: { kind: 'length', also: ['depth'], label: 'length of a step', min: 0, max: 1e7, list: true, usual: [1800, 600] } },
  output: 'length',
  source: 'geometry',
  compute: ({ lengthMm }) => lengthMm.reduce((a, b) => a + b, 0),
});

/** What is worn out over hands-on work, as pieces, begun ones as their share. */
export const wornOut = formula({
  name: 'worn-out',
  title: 'Worn out',
  words: 'the hands-on minutes of the steps that wear it, over the minutes that one lasts',
  inputs: {
    durationMin: { kind: 'duration', label: 'minutes of a step', min: 0, max: 1e6, list: true, usual: [20, 35] },
    lifeMin: { kind: 'duration', label: 'minutes that one lasts', min: 1, max: 1e6, usual: 60 },
  },
  output: 'ratio',
  source: 'practice',
  compute: ({ durationMin, lifeMin }) => durationMin.reduce((a, b) => a + b, 0) / lifeMin,
});
