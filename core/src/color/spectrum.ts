import type { Lab } from './difference.ts';

/** Reflectance from 380 to 700 nm, every 10 nm. */
export type Spectrum = readonly number[];

export const bandCount = 33;

/** CIE 1931 color-matching functions, 2 degrees (x, y, z), from 380 nm every 10 nm; from memory. */
const observer: readonly (readonly [number, number, number])[] = [
  [0.001368, 0.000039, 0.00645],
  [0.004243, 0.00012, 0.02005],
  [0.01431, 0.000396, 0.06785],
  [0.04351, 0.00121, 0.2074],
  [0.13438, 0.004, 0.6456],
  [0.2839, 0.0116, 1.3856],
  [0.34828, 0.023, 1.74706],
  [0.3362, 0.038, 1.77211],
  [0.2908, 0.06, 1.6692],
  [0.19536, 0.09098, 1.28764],
  [0.09564, 0.13902, 0.81295],
  [0.03201, 0.20802, 0.46518],
  [0.0049, 0.323, 0.272],
  [0.0093, 0.503, 0.1582],
  [0.06327, 0.71, 0.07825],
  [0.1655, 0.862, 0.04216],
  [0.2904, 0.954, 0.0203],
  [0.43345, 0.99495, 0.00875],
  [0.5945, 0.995, 0.0039],
  [0.7621, 0.952, 0.0021],
  [0.9163, 0.87, 0.00165],
  [1.0263, 0.757, 0.0011],
  [1.0622, 0.631, 0.0008],
  [1.0026, 0.503, 0.00034],
  [0.85445, 0.381, 0.00019],
  [0.6424, 0.265, 0.00005],
  [0.4479, 0.175, 0.00002],
  [0.2835, 0.107, 0],
  [0.1649, 0.061, 0],
  [0.0874, 0.032, 0],
  [0.04677, 0.017, 0],
  [0.0227, 0.00821, 0],
  [0.011359, 0.004102, 0],
];

/** Daylight D65 at the same wavelengths (CIE 15), from memory. */
const daylight: readonly number[] = [
  49.98, 54.65, 82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.8, 104.79, 107.69, 104.41, 104.05, 100, 96.33, 95.79,
  88.69, 90.01, 89.6, 87.7, 83.29, 83.7, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61,
];

/** weights that turn a reflectance into X, Y, Z of a white of one */
const weights = ((): readonly Float64Array[] => {
  const sum = observer.reduce((total, [, y], i) => total + y * (daylight[i] ?? 0), 0);
  return ([0, 1, 2] as const).map((k) => Float64Array.from(observer.map((xyz, i) => (xyz[k] * (daylight[i] ?? 0)) / sum)));
})();

/** X, Y, Z of the perfect white in this daylight. */
export const white: readonly [number, number, number] = weights.map((w) => w.reduce((a, b) => a + b, 0)) as unknown as readonly [number, number, number];

const third = 6 / 29;
const root = (t: number) => (t > third ** 3 ? Math.cbrt(t) : t / (3 * third ** 2) + 4 / 29);
const cube = (f: number) => (f > third ? f ** 3 : 3 * third ** 2 * (f - 4 / 29));

/** CIE L*a*b* of a reflectance under D65. */
export function labOf(spectrum: ArrayLike<number>): Lab {
  let [x, y, z] = [0, 0, 0];
  const [wx, wy, wz] = weights as [Float64Array, Float64Array, Float64Array];
  for (let i = 0; i < bandCount; i++) {
    const r = spectrum[i] ?? 0;
    x += r * (wx[i] ?? 0);
    y += r * (wy[i] ?? 0);
    z += r * (wz[i] ?? 0);
  }
  const [fx, fy, fz] = [root(x / white[0]), root(y / white[1]), root(z / white[2])];
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}

/** Solves a square system in place by elimination with pivots; rows of `a` hold the right side last. */
function solved(a: Float64Array[]): Float64Array {
  const n = a.length;
  for (let c = 0; c < n; c++) {
    let best = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(a[r]?.[c] ?? 0) > Math.abs(a[best]?.[c] ?? 0)) best = r;
    [a[c], a[best]] = [a[best] as Float64Array, a[c] as Float64Array];
    const pivot = a[c] as Float64Array;
    for (let r = 0; r < n; r++) {
      const row = a[r] as Float64Array;
      const factor = r === c ? 0 : (row[c] ?? 0) / (pivot[c] ?? 1);
      if (factor !== 0) for (let k = c; k <= n; k++) row[k] = (row[k] ?? 0) - factor * (pivot[k] ?? 0);
    }
  }
  return Float64Array.from(a, (row, i) => (row[n] ?? 0) / (row[i] ?? 1));
}

/**
 * The smoothest reflectance between nothing and all that has a measured color: many spectra have one color,
 * and paints are smooth. Steps of a hyperbolic tangent are made least under the three conditions (after
 * Burns 2020), by Newton's method.
 */
export function smoothSpectrum(lab: Lab): Spectrum {
  const fy = (lab.l + 16) / 116;
  const wanted = [cube(fy + lab.a / 500) * white[0], cube(fy) * white[1], cube(fy - lab.b / 200) * white[2]];
  const n = bandCount;
  const level = Math.atanh(2 * Math.min(0.995, Math.max(0.003, wanted[1] ?? 0.5)) - 1);
  const z = new Float64Array(n).fill(level);
  const multiplier = new Float64Array(3);
  for (let round = 0; round < 40; round++) {
    const tanh = z.map(Math.tanh);
    const slope = tanh.map((t) => (1 - t * t) / 2);
    const bend = tanh.map((t, i) => -t * 2 * (slope[i] ?? 0));
    const rows = Array.from({ length: n + 3 }, () => new Float64Array(n + 4));
    for (let i = 0; i < n; i++) {
      const row = rows[i] as Float64Array;
      const [before, after] = [i > 0 ? 1 : 0, i < n - 1 ? 1 : 0];
      const pull = [0, 1, 2].reduce((sum, k) => sum + (multiplier[k] ?? 0) * (weights[k]?.[i] ?? 0), 0);
      row[i] = 2 * (before + after) + pull * (bend[i] ?? 0);
      if (before) row[i - 1] = -2;
      if (after) row[i + 1] = -2;
      for (let k = 0; k < 3; k++) {
        const w = (weights[k]?.[i] ?? 0) * (slope[i] ?? 0);
        row[n + k] = w;
        (rows[n + k] as Float64Array)[i] = w;
      }
      const here = z[i] ?? 0;
      row[n + 3] = -(2 * before * (here - (z[i - 1] ?? 0)) + 2 * after * (here - (z[i + 1] ?? 0)) + pull * (slope[i] ?? 0));
    }
    let off = 0;
    for (let k = 0; k < 3; k++) {
      let got = 0;
      for (let i = 0; i < n; i++) got += ((weights[k]?.[i] ?? 0) * ((tanh[i] ?? 0) + 1)) / 2;
      off = Math.max(off, Math.abs((wanted[k] ?? 0) - got));
      (rows[n + k] as Float64Array)[n + 3] = (wanted[k] ?? 0) - got;
    }
    const step = solved(rows);
    let largest = 0;
    for (let i = 0; i < n; i++) {
      // a step too long would leave the range in which the tangent still tells two values apart
      const move = Math.max(-1, Math.min(1, step[i] ?? 0));
      z[i] = Math.max(-4, Math.min(4, (z[i] ?? 0) + move));
      largest = Math.max(largest, Math.abs(move));
    }
    for (let k = 0; k < 3; k++) multiplier[k] = (multiplier[k] ?? 0) + (step[n + k] ?? 0);
    if (largest < 1e-9 && off < 1e-12) break;
  }
  return Array.from(z, (v) => (Math.tanh(v) + 1) / 2);
}
