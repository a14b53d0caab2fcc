import { formula, unequal } from '../quantity/formula.ts';

/** Depths read off a straightedge on a grid: columns across, rows down, `depthMm[row][column]`, in mm. */
export interface DepthGrid {
  readonly xMm: readonly number[];
  readonly yMm: readonly number[];
  readonly depthMm: readonly (readonly number[])[];
}

const gridInputs = {
  xMm: { kind: 'length', label: 'place of each column', min: 0, max: 1e5, list: true, usual: [0, 300] },
  yMm: { kind: 'length', label: 'place of each row', min: 0, max: 1e5, list: true, usual: [0, 200] },
  depthMm: { kind: 'depth', label: 'depth at each crossing, row by row', min: 0, max: 5000, list: true, usual: [18, 25, 31, 22] },
} as const;

interface Readings {
  readonly xMm: readonly number[];
  readonly yMm: readonly number[];
  readonly depthMm: readonly number[];
}

/** A grid whose columns and rows go on one way, with a reading at every crossing. */
function noGrid({ xMm, yMm, depthMm }: Readings) {
  const goesOn = (places: readonly number[]) => places.length > 1 && places.every((v, i) => i === 0 || v > (places[i - 1] ?? v));
  if (!goesOn(xMm)) return { input: 'xMm', why: 'Give two columns or more, from left to right.' } as const;
  if (!goesOn(yMm)) return { input: 'yMm', why: 'Give two rows or more, from the top down.' } as const;
  return unequal('depthMm', depthMm, new Array<number>(xMm.length * yMm.length).fill(0), 'Give one depth for every crossing of a column with a row, row by row.');
}

/** Volume over the grid in mm³: each cell at the mean of its four corners, which is the integral of the bilinear surface. */
function gridMm3(xMm: readonly number[], yMm: readonly number[], depthMm: readonly number[]): number {
  const depth = (row: number, column: number) => depthMm[row * xMm.length + column] ?? 0;
  let volume = 0;
  for (let row = 0; row + 1 < yMm.length; row++) {
    for (let column = 0; column + 1 < xMm.length; column++) {
      const mean = (depth(row, column) + depth(row, column + 1) + depth(row + 1, column) + depth(row + 1, column + 1)) / 4;
      volume += mean * ((xMm[column + 1] ?? 0) - (xMm[column] ?? 0)) * ((yMm[row + 1] ?? 0) - (yMm[row] ?? 0));
    }
  }
  return volume;
}

function gridMm2(xMm: readonly number[], yMm: readonly number[]): number {
  return ((xMm[xMm.length - 1] ?? 0) - (xMm[0] ?? 0)) * ((yMm[yMm.length - 1] ?? 0) - (yMm[0] ?? 0));
}

/** Volume under a grid of depths, in mL. */
export const gridVolume = formula({
  name: 'grid-volume',
  title: 'Void under the grid',
  words: 'every cell of the grid at the mean depth of its four corners, added up',
  inputs: gridInputs,
  output: 'volume',
  source: 'geometry',
  together: noGrid,
  compute: ({ xMm, yMm, depthMm }) => gridMm3(xMm, yMm, depthMm) / 1000,
});

/** Mean depth over a grid, in mm. */
export const gridMeanDepth = formula({
  name: 'grid-mean-depth',
  title: 'Mean depth',
  words: 'void under the grid divided by its area',
  inputs: gridInputs,
  output: 'depth',
  source: 'geometry',
  together: noGrid,
  compute: ({ xMm, yMm, depthMm }) => gridMm3(xMm, yMm, depthMm) / gridMm2(xMm, yMm),
});

/** Deepest reading, in mm. */
export const deepestReading = formula({
  name: 'deepest-reading',
  title: 'Deepest place',
  words: 'the largest of the readings',
  inputs: { depthMm: { kind: 'depth', label: 'each reading', min: 0, max: 5000, list: true, usual: [18, 25, 31, 22] } },
  output: 'depth',
  source: 'geometry',
  compute: ({ depthMm }) => Math.max(...depthMm),
});
