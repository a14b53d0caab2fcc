import { formula, unequal } from '../quantity/formula.ts';
import { round12 } from '../quantity/round.ts';

/** A corner of an outline, in mm, x to the right and y down. */
export interface OutlinePoint {
  readonly xMm: number;
  readonly yMm: number;
}

/** A common shape by its dimensions, in mm. The arm of an L is what remains beside its notch. */
export type Shape =
  | { readonly is: 'rectangle' | 'ellipse' | 'triangle'; readonly widthMm: number; readonly heightMm: number }
  | { readonly is: 'l-shape'; readonly widthMm: number; readonly heightMm: number; readonly armWidthMm: number; readonly armHeightMm: number };

/** An outline: a shape by its dimensions, or corner by corner. */
export type Outline = { readonly shape: Shape } | { readonly points: readonly OutlinePoint[] };

const corners = 48;

/** Corners of an ellipse whose polygon has the area of the ellipse itself: its radii are a hair longer. */
function ellipse(widthMm: number, heightMm: number): OutlinePoint[] {
  const step = (2 * Math.PI) / corners;
  const longer = Math.sqrt(step / round12(Math.sin(step)));
  return Array.from({ length: corners }, (_v, i) => ({
    xMm: widthMm / 2 + (widthMm / 2) * longer * round12(Math.cos(i * step)),
    yMm: heightMm / 2 + (heightMm / 2) * longer * round12(Math.sin(i * step)),
  }));
}

const at = (xMm: number, yMm: number): OutlinePoint => ({ xMm, yMm });

/** The corners of an outline, in order around it. */
export function outlinePoints(outline: Outline): readonly OutlinePoint[] {
  if ('points' in outline) return outline.points;
  const { shape } = outline;
  const { widthMm: w, heightMm: h } = shape;
  switch (shape.is) {
    case 'rectangle':
      return [at(0, 0), at(w, 0), at(w, h), at(0, h)];
    case 'triangle':
      return [at(0, h), at(w / 2, 0), at(w, h)];
    case 'ellipse':
      return ellipse(w, h);
    case 'l-shape':
      return [at(0, 0), at(shape.armWidthMm, 0), at(shape.armWidthMm, h - shape.armHeightMm), at(w, h - shape.armHeightMm), at(w, h), at(0, h)];
  }
}

function crosses([a, b]: readonly [OutlinePoint, OutlinePoint], [c, d]: readonly [OutlinePoint, OutlinePoint]): boolean {
  const side = (p: OutlinePoint, q: OutlinePoint, r: OutlinePoint) => Math.sign((q.xMm - p.xMm) * (r.yMm - p.yMm) - (q.yMm - p.yMm) * (r.xMm - p.xMm));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

/** Whether the line around an outline crosses itself: such an outline has no one area. */
export function crossesItself(points: readonly OutlinePoint[]): boolean {
  const edges = points.map((p, i) => [p, points[(i + 1) % points.length] ?? p] as const);
  return edges.some((edge, i) => edges.some((other, k) => k > i + 1 && !(i === 0 && k === edges.length - 1) && crosses(edge, other)));
}

const xs = { kind: 'length', label: 'place of each corner across', min: -1e5, max: 1e5, list: true, usual: [0, 300, 300, 0] } as const;
const ys = { kind: 'length', label: 'place of each corner down', min: -1e5, max: 1e5, list: true, usual: [0, 0, 200, 200] } as const;

const noOutline = ({ xMm, yMm }: { readonly xMm: readonly number[]; readonly yMm: readonly number[] }) =>
  xMm.length < 3
    ? ({ input: 'xMm', why: 'An outline has three corners or more.' } as const)
    : unequal('yMm', yMm, xMm, 'Give one place down for each place across.');

/** Area of a polygon in mm², by the shoelace formula. */
export const outlineArea = formula({
  name: 'outline-area',
  title: 'Area of the outline',
  words: 'half of the sum, over the corners, of each one’s place across times the next one’s place down less the reverse',
  inputs: { xMm: xs, yMm: ys },
  output: 'area',
  source: 'geometry',
  together: noOutline,
  compute: ({ xMm, yMm }) =>
    Math.abs(xMm.reduce((sum, x, i) => sum + x * (yMm[(i + 1) % yMm.length] ?? 0) - (xMm[(i + 1) % xMm.length] ?? 0) * (yMm[i] ?? 0), 0)) / 2,
});

/** Length around a polygon, in mm. */
export const outlinePerimeter = formula({
  name: 'outline-perimeter',
  title: 'Length around it',
  words: 'the lengths of all sides added up',
  inputs: { xMm: xs, yMm: ys },
  output: 'length',
  source: 'geometry',
  together: noOutline,
  compute: ({ xMm, yMm }) =>
    xMm.reduce((sum, x, i) => sum + Math.hypot((xMm[(i + 1) % xMm.length] ?? 0) - x, (yMm[(i + 1) % yMm.length] ?? 0) - (yMm[i] ?? 0)), 0),
});

/** How far a list of places reaches, in mm. */
export const reachOver = formula({
  name: 'reach-over',
  title: 'From end to end',
  words: 'the farthest place less the nearest',
  inputs: { placeMm: { kind: 'length', label: 'each place', min: -1e5, max: 1e5, list: true, usual: [0, 300, 300, 0] } },
  output: 'length',
  source: 'geometry',
  compute: ({ placeMm }) => Math.max(...placeMm) - Math.min(...placeMm),
});

/** Area of the square cut-out around something so wide and high, in mm². */
export const squareCutOut = formula({
  name: 'square-cut-out',
  title: 'Square cut-out around it',
  words: 'width and height, each with the margin on both sides, multiplied',
  inputs: {
    widthMm: { kind: 'length', label: 'width', min: 0, max: 1e5, usual: 250 },
    heightMm: { kind: 'length', label: 'height', min: 0, max: 1e5, usual: 180 },
    marginMm: { kind: 'depth', label: 'margin on each side', min: 0, max: 1000, usual: 50 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ widthMm, heightMm, marginMm }) => (widthMm + 2 * marginMm) * (heightMm + 2 * marginMm),
});

/** Volume under an area at a mean depth, in mL. */
export const areaVolume = formula({
  name: 'area-volume',
  title: 'Void',
  words: 'area times mean depth',
  inputs: {
    areaMm2: { kind: 'area', label: 'area', min: 0, max: 1e10, usual: 2e6 },
    depthMm: { kind: 'depth', label: 'mean depth', min: 0, max: 5000, usual: 20 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ areaMm2, depthMm }) => (areaMm2 * depthMm) / 1000,
});

/** One measured area against what was estimated, as a share of the estimate. */
export const shareOfEstimate = formula({
  name: 'share-of-estimate',
  title: 'Measured against estimated',
  words: 'the measured area divided by the estimated one',
  inputs: {
    measuredMm2: { kind: 'area', label: 'measured area', min: 0, max: 1e10, usual: 1.2e5 },
    estimatedMm2: { kind: 'area', label: 'estimated area', min: 1, max: 1e10, usual: 1e5 },
  },
  output: 'ratio',
  source: 'geometry',
  compute: ({ measuredMm2, estimatedMm2 }) => measuredMm2 / estimatedMm2,
});

/** Area of a strip along a line, in mm². */
export const stripArea = formula({
  name: 'strip-area',
  title: 'Area of a strip',
  words: 'length times width',
  inputs: {
    lengthMm: { kind: 'length', also: ['depth'], label: 'length', min: 0, max: 1e7, usual: 2400 },
    widthMm: { kind: 'depth', also: ['crackWidth'], label: 'width', min: 0, max: 5000, usual: 100 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ lengthMm, widthMm }) => lengthMm * widthMm,
});

/** Area of a place and a rim around it, in mm²: a rectangle as wide and high as the place. */
export const rimmedArea = formula({
  name: 'rimmed-area',
  title: 'With a rim around',
  words: 'width and twice the rim, times height and twice the rim',
  inputs: {
    widthMm: { kind: 'length', also: ['depth', 'crackWidth'], label: 'width', min: 0, max: 1e6, usual: 300 },
    heightMm: { kind: 'length', also: ['depth', 'crackWidth'], label: 'height', min: 0, max: 1e6, usual: 200 },
    rimMm: { kind: 'depth', label: 'rim', min: 0, max: 5000, usual: 100 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ widthMm, heightMm, rimMm }) => (widthMm + 2 * rimMm) * (heightMm + 2 * rimMm),
});

/** Size and a rim on both sides, in mm. */
export const acrossRim = formula({
  name: 'across-rim',
  title: 'Across, with a rim on both sides',
  words: 'the size and twice the rim',
  inputs: {
    sizeMm: { kind: 'length', also: ['depth'], label: 'size', min: 0, max: 1e6, usual: 120 },
    rimMm: { kind: 'depth', label: 'rim on each side', min: 0, max: 5000, usual: 50 },
  },
  output: 'depth',
  source: 'geometry',
  compute: ({ sizeMm, rimMm }) => sizeMm + 2 * rimMm,
});

/** Several areas of one size, in mm². */
export const manyAreas = formula({
  name: 'many-areas',
  title: 'All of them',
  words: 'one times how many there are',
  inputs: {
    areaMm2: { kind: 'area', label: 'one', min: 0, max: 1e10, usual: 600 },
    count: { kind: 'count', label: 'how many', min: 0, max: 100_000, usual: 4 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ areaMm2, count }) => areaMm2 * count,
});

/** Several volumes of one size, in mL. */
export const manyVolumes = formula({
  name: 'many-volumes',
  title: 'All of them',
  words: 'one times how many there are',
  inputs: {
    volumeMl: { kind: 'volume', label: 'one', min: 0, max: 1e8, usual: 20 },
    count: { kind: 'count', label: 'how many', min: 0, max: 100_000, usual: 4 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, count }) => volumeMl * count,
});

/** How wide and how high an outline reaches, in mm. */
export function reachOf(outline: Outline): { readonly wide: number; readonly high: number } {
  const points = outlinePoints(outline);
  const [xs, ys] = [points.map((p) => p.xMm), points.map((p) => p.yMm)];
  return { wide: Math.max(...xs) - Math.min(...xs), high: Math.max(...ys) - Math.min(...ys) };
}
