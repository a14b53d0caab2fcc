import { formula, unequal } from '../quantity/formula.ts';

const stationInputs = {
  stationMm: { kind: 'length', label: 'place of each width along the crack', min: 0, max: 1e6, list: true, usual: [0, 800, 1600, 2400] },
  widthMm: { kind: 'crackWidth', label: 'width at each place', min: 0, max: 100, list: true, usual: [0.8, 2.2, 3, 1.4] },
  lengthMm: { kind: 'length', label: 'length of the crack', min: 1, max: 1e6, usual: 2400 },
} as const;

const unpaired = ({ stationMm, widthMm }: { readonly stationMm: readonly number[]; readonly widthMm: readonly number[] }) =>
  unequal('widthMm', widthMm, stationMm, 'Give one width for each place.');

/** ∫w dx in mm² over the length by the trapezoid rule; the first and last width hold to the ends. */
function openingMm2(stationMm: readonly number[], widthMm: readonly number[], lengthMm: number): number {
  const points = stationMm.map((x, i) => [Math.min(x, lengthMm), widthMm[i] ?? 0] as const).sort((a, b) => a[0] - b[0]);
  let area = 0;
  let previous: readonly [number, number] = [0, points[0]?.[1] ?? 0];
  for (const point of [...points, [lengthMm, points[points.length - 1]?.[1] ?? 0] as const]) {
    area += ((point[0] - previous[0]) * (point[1] + previous[1])) / 2;
    previous = point;
  }
  return area;
}

/** Widest of the measured widths, in mm. */
export const widestWidth = formula({
  name: 'widest-width',
  title: 'Widest place',
  words: 'the largest of the measured widths',
  inputs: { widthMm: { kind: 'crackWidth', label: 'width at each place', min: 0, max: 100, list: true, usual: [0.8, 2.2, 3, 1.4] } },
  output: 'crackWidth',
  source: 'geometry',
  compute: ({ widthMm }) => Math.max(...widthMm),
});

/** Mean width over the length, in mm: trapezoid rule between the stations. */
export const meanWidth = formula({
  name: 'mean-width',
  title: 'Mean width',
  words: 'opening seen from above, by trapezoids between the measured places, divided by the length',
  inputs: stationInputs,
  output: 'crackWidth',
  source: 'geometry',
  together: unpaired,
  compute: ({ stationMm, widthMm, lengthMm }) => openingMm2(stationMm, widthMm, lengthMm) / lengthMm,
});

/** Volume of the open crack as found, in mL: parallel faces of the stated depth. */
export const crackVolume = formula({
  name: 'crack-volume',
  title: 'Crack as found',
  words: 'opening seen from above, by trapezoids between the measured places, times the depth',
  inputs: { ...stationInputs, depthMm: { kind: 'depth', label: 'depth of the crack', min: 0, max: 5000, usual: 20 } },
  output: 'volume',
  source: 'geometry',
  together: unpaired,
  compute: ({ stationMm, widthMm, lengthMm, depthMm }) => (openingMm2(stationMm, widthMm, lengthMm) * depthMm) / 1000,
});

/**
 * Length of all cracks of a net over an area, in mm: lines both ways, so far apart as the pieces between them are large.
 */
export const netLength = formula({
  name: 'net-length',
  title: 'Cracks of a net, in all',
  words: 'twice the area divided by the size of the pieces: as long as the lines of a square grid of that size, both ways',
  inputs: {
    areaMm2: { kind: 'area', label: 'area of the net', min: 1, max: 1e10, usual: 4e6 },
    spacingMm: { kind: 'depth', label: 'size of the pieces between the cracks', min: 1, max: 5000, usual: 150 },
  },
  output: 'length',
  source: 'geometry',
  compute: ({ areaMm2, spacingMm }) => (2 * areaMm2) / spacingMm,
});

/** Volume of cracks of one width and depth, in mL. */
export const slitVolume = formula({
  name: 'slit-volume',
  title: 'Cracks of one width and depth',
  words: 'length times width times depth',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of the cracks', min: 0, max: 1e10, usual: 50_000 },
    widthMm: { kind: 'crackWidth', label: 'their width', min: 0, max: 100, usual: 0.3 },
    depthMm: { kind: 'depth', label: 'their depth', min: 0, max: 5000, usual: 25 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ lengthMm, widthMm, depthMm }) => (lengthMm * widthMm * depthMm) / 1000,
});
