import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

const wall = { kind: 'depth', label: 'thickness of the wall', min: 40, max: 5000, usual: 300 } as const;

/** Length of a hole that meets the crack in the middle of the wall at half a right angle, in mm. */
export const packerHole = formula({
  name: 'packer-hole',
  title: 'Hole for a packer',
  words: 'half the wall, along a slant of half a right angle',
  inputs: { wallMm: wall },
  output: 'depth',
  source: 'practice',
  compute: ({ wallMm }) => (wallMm / 2) * Math.SQRT2,
});

/** How far beside the crack such a hole begins, in mm. */
export const packerBeside = formula({
  name: 'packer-beside',
  title: 'Hole begins beside the crack',
  words: 'half the wall, as the slant goes as far across as it goes in',
  inputs: { wallMm: wall },
  output: 'depth',
  source: 'geometry',
  compute: ({ wallMm }) => wallMm / 2,
});

/** Handfuls of a plug that sets in the hand. */
export const handfuls = formula({
  name: 'handfuls',
  title: 'Handfuls',
  words: 'the volume, and what sets before it is in, over one handful, upward to whole ones',
  inputs: {
    volumeMl: { kind: 'volume', label: 'to plug', min: 0, max: 1e6, usual: 900 },
    loss: { kind: 'ratio', label: 'share that sets too soon', min: 0, max: 2, usual: 0.3 },
    handMl: { kind: 'volume', label: 'one handful', min: 20, max: 2000, usual: 250 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ volumeMl, loss, handMl }) => Math.max(1, wholeAbove((volumeMl * (1 + loss)) / handMl)),
});
