import { formula, unequal } from '../quantity/formula.ts';

/** A value known within plus and minus, as a share of it, taken as spread evenly between the two. */
const evenly = Math.sqrt(3);
/** nine in ten lie below so many standard deviations above the middle, in a normal distribution */
const ninthTenth = 1.2815515655446004;

/** Tolerance of a product of measures, in percent: each one's tolerance over its value, as the root of the sum of squares. */
export const productTolerance = formula({
  name: 'product-tolerance',
  title: 'How well it is measured',
  words: 'the tolerance of each measure over the measure itself, squared, added up, and the root of that, as percent either way',
  inputs: {
    measureMm: { kind: 'length', also: ['depth'], label: 'each measure', min: 0.001, max: 1e6, list: true, usual: [300, 200] },
    toleranceMm: { kind: 'length', label: 'tolerance of each, either way', min: 0, max: 1e5, list: true, usual: [3, 3] },
  },
  output: 'percent',
  source: 'jcgm-100',
  together: ({ measureMm, toleranceMm }) => unequal('toleranceMm', toleranceMm, measureMm, 'Give one tolerance for each measure.'),
  compute: ({ measureMm, toleranceMm }) => 100 * Math.hypot(...measureMm.map((m, i) => (toleranceMm[i] ?? 0) / m)),
});

/** The volume that nine in ten such measurements stay below, in mL. */
export const volumeP90 = formula({
  name: 'volume-p90',
  title: 'Void, nine times in ten no more than',
  words: 'the volume, and on top the tolerance over the root of three as a standard deviation, as often as leaves one in ten above',
  inputs: {
    volumeMl: { kind: 'volume', label: 'volume as measured', min: 0, max: 1e9, usual: 500 },
    tolerancePct: { kind: 'percent', label: 'tolerance either way', min: 0, max: 500, usual: 12 },
  },
  output: 'volume',
  source: 'jcgm-100',
  compute: ({ volumeMl, tolerancePct }) => volumeMl * (1 + (ninthTenth * tolerancePct) / 100 / evenly),
});

/** What is mixed for a place, nine times in ten no more than this, in mL. */
export const scaledP90 = formula({
  name: 'scaled-p90',
  title: 'To mix, nine times in ten no more than',
  words: 'what is to be mixed, by as much more as the void may be larger than it was measured',
  inputs: {
    totalMl: { kind: 'volume', label: 'to be mixed', min: 0, max: 1e9, usual: 600 },
    volumeMl: { kind: 'volume', label: 'void as measured', min: 0.001, max: 1e9, usual: 500 },
    p90Ml: { kind: 'volume', label: 'void, nine times in ten no more than', min: 0, max: 1e9, usual: 545 },
  },
  output: 'volume',
  source: 'jcgm-100',
  compute: ({ totalMl, volumeMl, p90Ml }) => (totalMl * p90Ml) / volumeMl,
});
