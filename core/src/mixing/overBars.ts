import { formula } from '../quantity/formula.ts';

const area = (label: string, usual: number) => ({ kind: 'area', label, min: 0, max: 1e9, usual }) as const;
const depth = (label: string, usual: number) => ({ kind: 'depth', label, min: 0, max: 1000, usual }) as const;

/**
 * Area over bars that is broken out behind them, in mm²: what was found hollow, and on along each bar through the margin, as wide as is
 * cleared on both sides of it. Source: our own judgement, after ICRI 310.1R as recalled.
 */
export const barField = formula({
  name: 'bar-field',
  title: 'Broken out behind the bars',
  words: 'what was found, and along each bar through the margin at both ends, as wide as the bar and what is cleared on either side; no more than the cut',
  inputs: {
    outlineMm2: area('outline as found', 10800),
    cutMm2: area('inside the cut', 92800),
    bars: { kind: 'count', label: 'bars', min: 0, max: 1000, usual: 2 },
    barMm: depth('bar', 12),
    clearMm: depth('cleared on either side', 19),
    marginMm: depth('margin', 100),
  },
  output: 'area',
  source: 'judgement',
  compute: ({ outlineMm2, cutMm2, bars, barMm, clearMm, marginMm }) => Math.min(cutMm2, outlineMm2 + bars * 2 * marginMm * (barMm + 2 * clearMm)),
});

/** Volume of the cut beside what is broken out behind bars, in mL: as deep as its edge. */
export const besideField = formula({
  name: 'beside-field',
  title: 'Beside the bars',
  words: 'the rest of the cut times the depth of its edge',
  inputs: { fieldMm2: area('behind the bars', 30800), depthMm: depth('depth', 68), cutMm2: area('inside the cut', 92800), edgeMm: depth('square edge', 13) },
  output: 'volume',
  source: 'geometry',
  together: (v) => (v.fieldMm2 > v.cutMm2 * (1 + 1e-9) ? { input: 'fieldMm2', why: 'More is broken out than lies inside the cut.' } : undefined),
  compute: ({ fieldMm2, depthMm, cutMm2, edgeMm }) => (Math.max(0, cutMm2 - fieldMm2) * Math.min(edgeMm, depthMm)) / 1000,
});
