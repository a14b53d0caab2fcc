import { formula } from '../quantity/formula.ts';
import { deltaE2000, type Lab } from './difference.ts';
import { bandCount, labOf, smoothSpectrum } from './spectrum.ts';

const share = (label: string, usual: number) => ({ kind: 'ratio', label, min: 0.001, max: 0.999, usual }) as const;
const coordinate = (label: string, min: number, max: number, usual: number) => ({ kind: 'ratio', label, min, max, usual }) as const;

/** How much more a thick film absorbs than it scatters, from its reflectance. */
export const absorptionRatio = formula({
  name: 'absorption-ratio',
  title: 'Absorption over scattering',
  words: 'what is not reflected, squared, over twice what is',
  inputs: { reflectance: share('reflectance of a film that hides', 0.5) },
  output: 'ratio',
  source: 'kubelka-munk',
  compute: ({ reflectance }) => (1 - reflectance) ** 2 / (2 * reflectance),
});

/** Reflectance of a thick film from its absorption over its scattering. */
export const hidingReflectance = formula({
  name: 'hiding-reflectance',
  title: 'Reflectance of a film that hides',
  words: 'one and the ratio, less the root of the ratio squared and twice the ratio',
  inputs: { ratio: { kind: 'ratio', label: 'absorption over scattering', min: 0, max: 1000, usual: 0.25 } },
  output: 'ratio',
  against: 'ratio',
  source: 'kubelka-munk',
  // written so that no two large numbers are taken from each other
  compute: ({ ratio }) => 1 / (1 + ratio + Math.sqrt(ratio * ratio + 2 * ratio)),
});

/** Reflectance inside a glossy film from the measured one (Saunderson 1942). */
export const innerReflectance = formula({
  name: 'inner-reflectance',
  title: 'Reflectance inside a glossy film',
  words: 'the measured one less what the face throws back, over what of the light inside gets out again',
  inputs: {
    measured: share('measured reflectance', 0.5),
    outer: { kind: 'ratio', label: 'share thrown back at the face from outside', min: 0, max: 0.2, usual: 0.04 },
    inner: { kind: 'ratio', label: 'share thrown back at the face from inside', min: 0, max: 0.8, usual: 0.6 },
  },
  output: 'ratio',
  source: 'saunderson',
  together: ({ measured, outer }) =>
    measured <= outer ? { input: 'measured', why: 'Less comes back than the face alone throws back: measure again, or the film is black.' } : undefined,
  compute: ({ measured, outer, inner }) => (measured - outer) / (1 - outer - inner * (1 - measured)),
});

/** Color difference of two measured colors. */
export const colorDifference = formula({
  name: 'color-difference',
  title: 'Color difference',
  words: 'lightness, chroma and hue apart, each weighed by how well the eye tells it there',
  inputs: {
    firstL: coordinate('first, lightness', 0, 100, 86),
    firstA: coordinate('first, green to red', -120, 120, 1),
    firstB: coordinate('first, blue to yellow', -120, 120, 14),
    secondL: coordinate('second, lightness', 0, 100, 85),
    secondA: coordinate('second, green to red', -120, 120, 1),
    secondB: coordinate('second, blue to yellow', -120, 120, 12),
  },
  output: 'ratio',
  source: 'ciede2000',
  compute: (v) => deltaE2000({ l: v.firstL, a: v.firstA, b: v.firstB }, { l: v.secondL, a: v.secondA, b: v.secondB }),
});

/** A base or a tint: its color by itself in a film that hides, and how strongly a gram of it counts. */
export interface Colorant {
  readonly id: string;
  readonly title: string;
  readonly masstone: Lab;
  /** scattering of a gram against a gram of a white base: what the sheet says, or as usual */
  readonly strength: number;
}

/** What a gram of a colorant absorbs and scatters, by band. */
export interface Optics {
  readonly absorbs: Float64Array;
  readonly scatters: number;
}

/** Optics of a gram of a colorant as stated. */
export function opticsOf({ masstone, strength }: Pick<Colorant, 'masstone' | 'strength'>): Optics {
  return { absorbs: Float64Array.from(smoothSpectrum(masstone), (r) => (strength * (1 - r) ** 2) / (2 * r)), scatters: strength };
}

/**
 * Color of a mixture: absorption and scattering add up by weight (Kubelka and Munk 1931, two constants).
 * @param grams of each
 * @param strengths how much each counts against what is stated, one where as stated
 */
export function mixedColor(optics: readonly Optics[], grams: ArrayLike<number>, strengths: ArrayLike<number>): Lab {
  const reflectance = new Float64Array(bandCount);
  let scatters = 0;
  for (const [i, o] of optics.entries()) {
    const amount = (grams[i] ?? 0) * (strengths[i] ?? 1);
    if (amount === 0) continue;
    scatters += amount * o.scatters;
    for (let k = 0; k < bandCount; k++) reflectance[k] = (reflectance[k] ?? 0) + amount * (o.absorbs[k] ?? 0);
  }
  for (let k = 0; k < bandCount; k++) {
    const ratio = (reflectance[k] ?? 0) / scatters;
    reflectance[k] = 1 / (1 + ratio + Math.sqrt(ratio * ratio + 2 * ratio));
  }
  return labOf(reflectance);
}
