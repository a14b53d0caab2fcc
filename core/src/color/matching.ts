import { deltaE2000, type Lab } from './difference.ts';
import { colorWith, learnedStrengths, statedStrengths, type Strengths, type Swatch } from './learning.ts';
import { opticsOf, type Colorant, type Optics } from './mixing.ts';

/** A color to be matched: the base in the pot, the tints on the shelf, the piece to match. */
export interface ColorTask {
  readonly base: Colorant;
  readonly tints: readonly Colorant[];
  readonly target: Lab;
  readonly baseG: number;
  /** smallest step of the scale, in g */
  readonly divisionG: number;
  /** close enough: the color difference at which to stop */
  readonly limit: number;
}

/** What a person sees on a dried dab beside the piece, without a meter. */
export interface EyeRemark {
  readonly lightness?: 'too light' | 'too dark' | 'right';
  readonly warmth?: 'too warm' | 'too cool' | 'right';
  readonly redness?: 'too red' | 'too green' | 'right';
  readonly how: 'a little' | 'clearly';
}

/** One dab of the pot as it was at that time: measured, or looked at. */
export type Dab = { readonly grams: readonly number[] } & ({ readonly by: 'meter'; readonly lab: Lab } | { readonly by: 'eye'; readonly remark: EyeRemark });

/** What to do next with the pot. `grams` are added, in the order of the tints, then the base. */
export type NextAddition =
  | {
      readonly state: 'add';
      readonly tintsG: readonly number[];
      readonly baseG: number;
      readonly expected: Lab;
      readonly difference: number;
      readonly left: number;
    }
  | { readonly state: 'close'; readonly difference: number }
  | { readonly state: 'unreachable'; readonly difference: number; readonly off: Lab };

/** the most that two pieces side by side may differ before a recipe is not offered at all */
const besideMost = 3.5;
/** what filling the pot once more counts, as a color difference squared */
const fillCost = 0.4;
/** how well a meter's reading of one dab is known, and a person's word */
const meterSpread = 0.4;
const eyeSpread = { 'a little': 1, clearly: 2 } as const;
/** what 'a little' and 'clearly' come to, in units of Lab, and how little nobody sees */
const eyeStep = { 'a little': 1.6, clearly: 4.5 } as const;

/** What an eye's remark says of the color, against the target. */
export function eyeSeen(remark: EyeRemark, target: Lab): Swatch['seen'] {
  const step = eyeStep[remark.how];
  return {
    ...(remark.lightness && { l: target.l + (remark.lightness === 'too light' ? step : remark.lightness === 'too dark' ? -step : 0) }),
    ...(remark.redness && { a: target.a + (remark.redness === 'too red' ? step : remark.redness === 'too green' ? -step : 0) }),
    ...(remark.warmth && { b: target.b + (remark.warmth === 'too warm' ? step : remark.warmth === 'too cool' ? -step : 0) }),
  };
}

function swatchOf(dab: Dab, target: Lab): Swatch {
  return dab.by === 'meter'
    ? { grams: dab.grams, seen: dab.lab, spread: meterSpread }
    : { grams: dab.grams, seen: eyeSeen(dab.remark, target), spread: eyeSpread[dab.remark.how] };
}

const plus = (one: Lab, two: Lab): Lab => ({ l: one.l + two.l, a: one.a + two.a, b: one.b + two.b });
const minus = (one: Lab, two: Lab): Lab => ({ l: one.l - two.l, a: one.a - two.a, b: one.b - two.b });
const nothing: Lab = { l: 0, a: 0, b: 0 };

/** A pot that is being tinted: optics of all colorants, computed once. */
export class TintingPot {
  readonly task: ColorTask;
  readonly #optics: readonly Optics[];

  constructor(task: ColorTask) {
    this.task = task;
    this.#optics = [task.base, ...task.tints].map(opticsOf);
  }

  /** What the pot holds at first: base alone. */
  get start(): readonly number[] {
    return [this.task.baseG, ...this.task.tints.map(() => 0)];
  }

  /** Strengths as all dabs so far make them. */
  learned(dabs: readonly Dab[]): Strengths {
    return learnedStrengths(
      this.#optics,
      dabs.map((dab) => swatchOf(dab, this.task.target)),
    );
  }

  predicted(grams: readonly number[], strengths: Strengths): Lab {
    return colorWith(this.#optics, grams, strengths.log);
  }

  /** Grams that come nearest to the target from what is in the pot already, nothing taken out. */
  #nearest(grams: readonly number[], log: readonly number[], bias: Lab): { readonly grams: readonly number[]; readonly difference: number } {
    const { target } = this.task;
    const color = (g: readonly number[]) => plus(colorWith(this.#optics, g, log), bias);
    const sum = grams.reduce((a, b) => a + b, 0);
    const chroma = Math.hypot(target.a, target.b);
    // one unit along each axis counts as the eye takes it near the target
    const scale = [1 + (0.015 * (target.l - 50) ** 2) / Math.sqrt(20 + (target.l - 50) ** 2), 1 + 0.03 * chroma, 1 + 0.03 * chroma];
    // what fills the pot counts as well: the same color is had by ever more of everything
    const residual = (g: readonly number[]) => {
      const c = color(g);
      return [
        (target.l - c.l) / (scale[0] ?? 1),
        (target.a - c.a) / (scale[1] ?? 1),
        (target.b - c.b) / (scale[2] ?? 1),
        ...g.map((v, i) => Math.sqrt((fillCost * Math.max(0, v - (grams[i] ?? 0))) / sum)),
      ];
    };
    const cost = (g: readonly number[]) => residual(g).reduce((s, r) => s + r * r, 0);
    let best = [...grams];
    let bestCost = cost(best);
    // by ever smaller damping: Levenberg and Marquardt on square roots, so that an addition stays above nothing
    for (const seed of [0.02, 0.0005]) {
      let roots: number[] = grams.map((_g, i) => Math.sqrt((i === 0 ? 0.2 : 1) * seed * sum));
      const full = (r: readonly number[]) => grams.map((g, i) => g + (r[i] ?? 0) ** 2);
      let [at, damping] = [cost(full(roots)), 1e-2];
      for (let round = 0; round < 60 && damping < 1e8; round++) {
        const here = residual(full(roots));
        const slopes = roots.map((v, i) => {
          const h = 1e-4 * Math.max(v, 1e-3 * Math.sqrt(sum));
          const there = residual(full(roots.map((w, k) => (k === i ? w + h : w))));
          return there.map((t, k) => (t - (here[k] ?? 0)) / h);
        });
        const n = roots.length;
        const normal = Array.from({ length: n }, (_r, i) => [
          ...Array.from({ length: n }, (_c, k) => (slopes[i] ?? []).reduce((s, v, axis) => s + v * (slopes[k]?.[axis] ?? 0), 0)),
          -(slopes[i] ?? []).reduce((s, v, axis) => s + v * (here[axis] ?? 0), 0),
        ]);
        const tried = roots.map((v, i) => v + (solveDamped(normal, damping)[i] ?? 0));
        const then = cost(full(tried));
        if (then < at) {
          const gain = at - then;
          [roots, at, damping] = [tried, then, damping / 3];
          if (gain < 1e-7) break;
        } else damping *= 4;
      }
      if (at < bestCost - 1e-9) [best, bestCost] = [full(roots), at];
    }
    return { grams: best, difference: deltaE2000(color(best), target) };
  }

  /**
   * What to add next. Additions go only as far as the target even if the tints are stronger than believed
   * by twice their spread, so that the pot is never darker than the piece; they are whole divisions of the scale.
   * @param dabs every dab so far, the last one of the pot as it is now
   * @param learning whether the dabs teach the strengths; without, they are taken as stated
   */
  next(grams: readonly number[], dabs: readonly Dab[], learning = true): NextAddition {
    const { target, limit, divisionG } = this.task;
    const strengths = learning ? this.learned(dabs) : statedStrengths(this.task.tints.length);
    const last = dabs[dabs.length - 1];
    const believed = this.predicted(grams, strengths);
    // what a meter says of this pot goes before what the model says of it
    const bias = learning && last?.by === 'meter' && last.grams.every((g, i) => g === grams[i]) ? minus(last.lab, believed) : nothing;
    const now = plus(believed, bias);
    const difference = deltaE2000(now, target);
    if (difference <= limit) return { state: 'close', difference };
    const nearest = this.#nearest(grams, strengths.log, bias);
    const full = nearest.grams.map((g, i) => g - (grams[i] ?? 0));
    const noHelp = nearest.difference > Math.max(limit, 0.9 * difference) || nearest.difference > Math.max(1.5 * limit, besideMost);
    if (noHelp) return { state: 'unreachable', difference: nearest.difference, off: minus(plus(this.predicted(nearest.grams, strengths), bias), target) };
    const reached = grams.map((v, i) => v + (full[i] ?? 0));
    // a tint that darkens may be stronger than believed, one that lightens weaker
    const feared = strengths.log.map((v, i) => {
      const off = 2 * Math.sqrt(strengths.covariance[i]?.[i] ?? 0);
      const [up, down] = [off, -off].map(
        (d) =>
          colorWith(
            this.#optics,
            reached,
            strengths.log.map((w, k) => (k === i ? w + d : w)),
          ).l,
      );
      return v + ((up ?? 0) <= (down ?? 0) ? off : -off);
    });
    const darkest = (share: number) => {
      const g = grams.map((v, i) => v + share * (full[i] ?? 0));
      // what is in the pot already is as measured; only what comes is feared
      return now.l + colorWith(this.#optics, g, feared).l - colorWith(this.#optics, grams, feared).l;
    };
    const rounded = (share: number) =>
      full.map((g, i) => (i === 0 ? Math.ceil((share * g) / divisionG - 1e-6) : Math.floor((share * g) / divisionG + 1e-6)) * divisionG);
    let share = 1;
    if (darkest(1) < target.l) {
      let [low, high] = [0, 1];
      for (let i = 0; i < 30; i++) {
        const middle = (low + high) / 2;
        if (darkest(middle) >= target.l) low = middle;
        else high = middle;
      }
      share = low;
    }
    const add = rounded(share);
    if (add.every((g) => g <= 0))
      return difference <= 1.5 * limit ? { state: 'close', difference } : { state: 'unreachable', difference: nearest.difference, off: minus(now, target) };
    const expected = plus(
      this.predicted(
        grams.map((g, i) => g + (add[i] ?? 0)),
        strengths,
      ),
      bias,
    );
    const left = deltaE2000(expected, target);
    return { state: 'add', tintsG: add.slice(1), baseG: add[0] ?? 0, expected, difference, left };
  }
}

/** Solves a damped normal system; the right side stands last in each row. */
function solveDamped(normal: readonly (readonly number[])[], damping: number): number[] {
  const n = normal.length;
  const a = normal.map((row, i) => row.map((v, k) => (k === i ? v * (1 + damping) + 1e-12 : v)));
  for (let c = 0; c < n; c++) {
    const pivot = a[c] ?? [];
    for (let r = c + 1; r < n; r++) {
      const row = a[r] ?? [];
      const factor = (row[c] ?? 0) / (pivot[c] ?? 1);
      for (let k = c; k <= n; k++) row[k] = (row[k] ?? 0) - factor * (pivot[k] ?? 0);
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let r = n - 1; r >= 0; r--) {
    const row = a[r] ?? [];
    x[r] = ((row[n] ?? 0) - row.slice(r + 1, n).reduce((s, v, k) => s + v * (x[r + 1 + k] ?? 0), 0)) / (row[r] ?? 1);
  }
  return x;
}

/** The recipe of what is in the pot, scaled to another weight: grams of base and of each tint. */
export function scaledRecipe(grams: readonly number[], toG: number): readonly number[] {
  const sum = grams.reduce((a, b) => a + b, 0);
  return grams.map((g) => (g / sum) * toG);
}
