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
  return unequal(
    'depthMm',
    depthMm,
    new Array<number>(xMm.length * yMm.length).fill(0),
    'Give one depth for every crossing of a column with a row, row by row.',
  );
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

/** how finely a cell is looked at, each way: the middles of so many strips, whose mean is that of the bilinear surface */
const strips = 12;

/** Depth at a place of a grid, in mm: between readings as on a bilinear surface; outside of it that of its edge. */
export function gridDepthAt({ xMm, yMm, depthMm }: Readings, x: number, y: number): number {
  const place = (places: readonly number[], at: number) => {
    const last = places.length - 2;
    const i = Math.max(0, Math.min(last, places.findIndex((p) => p > at) - 1 < 0 ? (at <= (places[0] ?? 0) ? 0 : last) : places.findIndex((p) => p > at) - 1));
    const [a, b] = [places[i] ?? 0, places[i + 1] ?? 1];
    return { i, t: Math.max(0, Math.min(1, (at - a) / (b - a))) };
  };
  const [c, r] = [place(xMm, x), place(yMm, y)];
  const d = (row: number, column: number) => depthMm[row * xMm.length + column] ?? 0;
  return (d(r.i, c.i) * (1 - c.t) + d(r.i, c.i + 1) * c.t) * (1 - r.t) + (d(r.i + 1, c.i) * (1 - c.t) + d(r.i + 1, c.i + 1) * c.t) * r.t;
}

/** What a level lift takes under a grid, in mL: between two depths, nowhere shallower than the square edge. */
export const gridLiftVolume = formula({
  name: 'grid-lift-volume',
  title: 'A level lift over an uneven bottom',
  words:
    'all over the grid, what of the depth lies between the top and the bottom of the lift, where no place counts as shallower than the edge; the deepest places are filled first',
  inputs: {
    ...gridInputs,
    edgeMm: { kind: 'depth', label: 'square edge', min: 0, max: 500, usual: 13 },
    topMm: { kind: 'depth', label: 'top of the lift, below the face', min: 0, max: 5000, usual: 0 },
    bottomMm: { kind: 'depth', label: 'bottom of the lift, below the face', min: 0, max: 5000, usual: 20 },
  },
  output: 'volume',
  source: 'geometry',
  together: ({ topMm, bottomMm, ...grid }) =>
    noGrid(grid) ?? (bottomMm < topMm ? ({ input: 'bottomMm', why: 'The bottom of a lift lies below its top.' } as const) : undefined),
  compute: ({ xMm, yMm, depthMm, edgeMm, topMm, bottomMm }) => {
    let mm3 = 0;
    for (let row = 0; row + 1 < yMm.length; row++)
      for (let column = 0; column + 1 < xMm.length; column++) {
        const [x0, x1, y0, y1] = [xMm[column] ?? 0, xMm[column + 1] ?? 0, yMm[row] ?? 0, yMm[row + 1] ?? 0];
        const corner = (r: number, c: number) => depthMm[(row + r) * xMm.length + column + c] ?? 0;
        let sum = 0;
        for (let i = 0; i < strips; i++)
          for (let j = 0; j < strips; j++) {
            const [u, v] = [(i + 0.5) / strips, (j + 0.5) / strips];
            const depth = Math.max(edgeMm, (corner(0, 0) * (1 - u) + corner(0, 1) * u) * (1 - v) + (corner(1, 0) * (1 - u) + corner(1, 1) * u) * v);
            sum += Math.max(0, Math.min(depth, bottomMm) - topMm);
          }
        mm3 += (sum / strips ** 2) * (x1 - x0) * (y1 - y0);
      }
    return mm3 / 1000;
  },
});

/** What a lift takes of the margin that is cut as deep as the edge, in mL. */
export const marginLiftVolume = formula({
  name: 'margin-lift-volume',
  title: 'A lift in the margin of the cut',
  words: 'the margin, as deep as the edge, as far as it lies between the top and the bottom of the lift',
  inputs: {
    marginMm2: { kind: 'area', label: 'margin', min: 0, max: 1e9, usual: 13_000 },
    edgeMm: { kind: 'depth', label: 'square edge', min: 0, max: 500, usual: 13 },
    topMm: { kind: 'depth', label: 'top of the lift, below the face', min: 0, max: 5000, usual: 0 },
    bottomMm: { kind: 'depth', label: 'bottom of the lift, below the face', min: 0, max: 5000, usual: 20 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ marginMm2, edgeMm, topMm, bottomMm }) => (marginMm2 * Math.max(0, Math.min(edgeMm, bottomMm) - topMm)) / 1000,
});

/** What an area has more than another, in mm². */
export const areaOver = formula({
  name: 'area-over',
  title: 'Margin of the cut',
  words: 'the area inside the cut less what was found',
  inputs: {
    cutMm2: { kind: 'area', label: 'inside the cut', min: 0, max: 1e10, usual: 23_800 },
    foundMm2: { kind: 'area', label: 'found', min: 0, max: 1e10, usual: 10_800 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ cutMm2, foundMm2 }) => Math.max(0, cutMm2 - foundMm2),
});

/** Depth of a level below the face, in mm. */
export const levelDepth = formula({
  name: 'level-depth',
  title: 'Level below the face',
  words: 'the depth in all less the lifts below this level',
  inputs: {
    depthMm: { kind: 'depth', label: 'depth in all', min: 0, max: 5000, usual: 46 },
    liftMm: { kind: 'depth', label: 'thickness of a lift', min: 0, max: 5000, usual: 23 },
    below: { kind: 'count', label: 'lifts below it', min: 0, max: 100, usual: 1 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ depthMm, liftMm, below }) => Math.max(0, depthMm - liftMm * below),
});
