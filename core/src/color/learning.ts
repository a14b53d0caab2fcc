import type { Lab } from './difference.ts';
import { mixedColor, type Optics } from './mixing.ts';

/** What a meter or an eye made of one dried swatch. */
export interface Swatch {
  /** grams of base and of each tint when it was taken, in the order of the colorants */
  readonly grams: readonly number[];
  /** color as measured, or as an eye puts it; a coordinate that nobody spoke of is absent */
  readonly seen: { readonly l?: number; readonly a?: number; readonly b?: number };
  /** how well that is known, one standard deviation in units of Lab */
  readonly spread: number;
}

/** What is known of the strengths: natural logarithms against what is stated, and how they vary together. */
export interface Strengths {
  readonly log: readonly number[];
  readonly covariance: readonly (readonly number[])[];
}

/** spread of true strengths around stated ones, natural logarithm: nine in ten lie within half again as much or two thirds */
const priorSpread = 0.27;

/** Nothing learned yet: as stated, give or take. */
export function statedStrengths(tints: number): Strengths {
  return {
    log: Array.from({ length: tints }, () => 0),
    covariance: Array.from({ length: tints }, (_r, i) => Array.from({ length: tints }, (_c, k) => (i === k ? priorSpread ** 2 : 0))),
  };
}

/** Inverse of a small symmetric positive matrix. */
function inverse(matrix: readonly (readonly number[])[]): number[][] {
  const n = matrix.length;
  const a = matrix.map((row, i) => [...row, ...row.map((_v, k) => (i === k ? 1 : 0))]);
  for (let c = 0; c < n; c++) {
    const pivotRow = a[c] ?? [];
    const pivot = pivotRow[c] ?? 1;
    for (let k = 0; k < 2 * n; k++) pivotRow[k] = (pivotRow[k] ?? 0) / pivot;
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const row = a[r] ?? [];
      const factor = row[c] ?? 0;
      if (factor !== 0) for (let k = 0; k < 2 * n; k++) row[k] = (row[k] ?? 0) - factor * (pivotRow[k] ?? 0);
    }
  }
  return a.map((row) => row.slice(n));
}

/** Color of the colorants' grams with learned strengths; the base counts as measured. */
export function colorWith(optics: readonly Optics[], grams: readonly number[], log: readonly number[]): Lab {
  return mixedColor(optics, grams, [1, ...log.map(Math.exp)]);
}

const rounds = 8;
const nudge = 1e-4;

/**
 * Strengths of the tints after every swatch so far: the most likely ones, given how far sheets are off and
 * how well each swatch is known (Gauss–Newton on the logarithms).
 */
export function learnedStrengths(optics: readonly Optics[], swatches: readonly Swatch[]): Strengths {
  const n = optics.length - 1;
  const log = new Array<number>(n).fill(0);
  let covariance: readonly (readonly number[])[] = statedStrengths(n).covariance;
  for (let round = 0; round < rounds; round++) {
    const normal = Array.from({ length: n }, (_r, i) => Array.from({ length: n }, (_c, k) => (i === k ? priorSpread ** -2 : 0)));
    const right = log.map((v) => -v * priorSpread ** -2);
    for (const { grams, seen, spread } of swatches) {
      const here = colorWith(optics, grams, log);
      const slopes = log.map((_v, i) => {
        if ((grams[i + 1] ?? 0) === 0) return { l: 0, a: 0, b: 0 };
        const there = colorWith(
          optics,
          grams,
          log.map((v, k) => (k === i ? v + nudge : v)),
        );
        return { l: (there.l - here.l) / nudge, a: (there.a - here.a) / nudge, b: (there.b - here.b) / nudge };
      });
      for (const axis of ['l', 'a', 'b'] as const) {
        const wanted = seen[axis];
        if (wanted === undefined) continue;
        for (let i = 0; i < n; i++) {
          const slope = (slopes[i]?.[axis] ?? 0) / spread ** 2;
          right[i] = (right[i] ?? 0) + slope * (wanted - here[axis]);
          const row = normal[i] ?? [];
          for (let k = 0; k < n; k++) row[k] = (row[k] ?? 0) + slope * (slopes[k]?.[axis] ?? 0);
        }
      }
    }
    covariance = inverse(normal);
    let largest = 0;
    for (let i = 0; i < n; i++) {
      const step = (covariance[i] ?? []).reduce((sum, c, k) => sum + c * (right[k] ?? 0), 0);
      const kept = Math.max(-0.4, Math.min(0.4, step));
      log[i] = Math.max(-1.2, Math.min(1.2, (log[i] ?? 0) + kept));
      largest = Math.max(largest, Math.abs(kept));
    }
    if (largest < 1e-6) break;
  }
  return { log, covariance };
}
