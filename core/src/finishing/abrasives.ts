import { formula } from '../quantity/formula.ts';
import { atMost } from '../quantity/round.ts';
import type { SourceId } from '../sources/register.ts';

export type GritScale = 'P' | 'CAMI';

/** A grade of coated abrasive: its scale is always said, for the numbers of two scales part above the coarse ones. */
export interface Grade {
  readonly scale: GritScale;
  readonly number: number;
  /** median size of its grains, in mm */
  readonly grainMm: number;
}

const micrometers: Readonly<Record<GritScale, Readonly<Record<number, number>>>> = {
  P: {
    16: 1324,
    20: 1000,
    24: 764,
    30: 642,
    36: 538,
    40: 425,
    50: 336,
    60: 269,
    80: 201,
    100: 162,
    120: 125,
    150: 100,
    180: 82,
    220: 68,
    240: 58.5,
    280: 52.2,
    320: 46.2,
    360: 40.5,
    400: 35,
    500: 30.2,
    600: 25.8,
    800: 21.8,
    1000: 18.3,
    1200: 15.3,
    1500: 12.6,
    2000: 10.3,
    2500: 8.4,
  },
  CAMI: {
    36: 530,
    40: 425,
    50: 348,
    60: 268,
    80: 190,
    100: 140,
    120: 116,
    150: 93,
    180: 78,
    220: 66,
    240: 53.5,
    280: 44,
    320: 36,
    360: 28,
    400: 23,
    500: 20,
    600: 16,
    800: 12.2,
    1000: 9.2,
    1200: 6.5,
  },
};

export const gradeSource: Readonly<Record<GritScale, SourceId>> = { P: 'fepa-43', CAMI: 'ansi-b74' };

/** Every grade of a scale, coarse first. */
export function gradesOf(scale: GritScale): readonly Grade[] {
  return Object.entries(micrometers[scale])
    .map(([number, um]) => ({ scale, number: Number(number), grainMm: um / 1000 }))
    .sort((a, b) => b.grainMm - a.grainMm);
}

/** A grade by its name; nothing where the scale has none of that number. */
export function grade(scale: GritScale, number: number): Grade | undefined {
  return gradesOf(scale).find((g) => g.number === number);
}

/** The nearest grade of the other scale, by the size of its grains. */
export function nearestGrade(of: Grade, scale: GritScale): Grade {
  return gradesOf(scale).reduce((best, g) => (Math.abs(Math.log(g.grainMm / of.grainMm)) < Math.abs(Math.log(best.grainMm / of.grainMm)) ? g : best));
}

/** largest step in grain size from a coarse grade, and from P120 on */
const coarseStep = 2;
const fineStep = 1.7;
const fineFromMm = 0.125;

/** Ratio of grain sizes from one grade to the next. */
export const gritStep = formula({
  name: 'grit-step',
  title: 'Step from grit to grit',
  words: 'median grain of the coarser over that of the finer',
  inputs: {
    coarserMm: { kind: 'grain', label: 'grain of the coarser', min: 0.001, max: 5, usual: 0.201 },
    finerMm: { kind: 'grain', label: 'grain of the finer', min: 0.001, max: 5, usual: 0.125 },
  },
  output: 'ratio',
  source: 'fepa-43',
  compute: ({ coarserMm, finerMm }) => coarserMm / finerMm,
});

/** Whether the finer grade takes the scratches of the coarser out in a sensible time. */
export function stepHolds(from: Grade, to: Grade): boolean {
  const limit = from.grainMm > fineFromMm * (1 + 1e-9) ? coarseStep : fineStep;
  return to.grainMm <= from.grainMm && atMost(from.grainMm / to.grainMm, limit);
}

/**
 * The shortest ladder from one grade to another over what is on the rack, no step too large; of several
 * as short the one with the most even steps.
 * @returns the grades, both ends included; nothing where the rack leaves a gap
 */
export function ladder(from: Grade, to: Grade, rack: readonly Grade[]): readonly Grade[] | undefined {
  const between = rack.filter((g) => g.grainMm < from.grainMm && g.grainMm > to.grainMm).sort((a, b) => b.grainMm - a.grainMm);
  const all = [from, ...between, to];
  type Way = { readonly steps: readonly Grade[]; readonly worst: number };
  const best: (Way | undefined)[] = [{ steps: [from], worst: 1 }];
  for (let i = 1; i < all.length; i++) {
    const here = all[i] as Grade;
    for (let k = 0; k < i; k++) {
      const [before, way] = [all[k] as Grade, best[k]];
      if (!way || !stepHolds(before, here)) continue;
      const next: Way = { steps: [...way.steps, here], worst: Math.max(way.worst, before.grainMm / here.grainMm) };
      const known = best[i];
      if (!known || next.steps.length < known.steps.length || (next.steps.length === known.steps.length && next.worst < known.worst)) best[i] = next;
    }
  }
  return best[all.length - 1]?.steps;
}
