import { describe, expect, it } from 'vitest';
import { deltaE2000, type Lab } from './difference.ts';
import { eyeSeen, scaledRecipe, TintingPot, type Dab, type EyeRemark } from './matching.ts';
import { mixedColor, opticsOf } from './mixing.ts';
import { usualTints, whiteBase } from './usualColorants.ts';

/** Seeded numbers between nothing and one (a counter mixed by multiplications). */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const optics = [whiteBase, ...usualTints].map(opticsOf);
const normal = (next: () => number) => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());

interface Outcome {
  readonly left: number;
  readonly additions: number;
  readonly darkest: number;
}

function run(seed: number, how: 'learning' | 'as stated' | 'by eye', most = 5): Outcome {
  const next = seeded(seed);
  const strengths = [1, ...usualTints.map(() => Math.exp(Math.log(0.6) + next() * Math.log(1.6 / 0.6)))];
  // a color that these tints make: two or three of them, as much as sanitary ware and trim take
  const recipe = [1000, ...usualTints.map((t) => (t.id === 'white' || next() < 0.45 ? 0 : (t.id === 'black' || t.id === 'blue' ? 12 : 40) * next() ** 2))];
  const target = mixedColor(optics, recipe, strengths);
  const pot = new TintingPot({ base: whiteBase, tints: usualTints, target, baseG: 1000, divisionG: 0.1, limit: how === 'by eye' ? 2 : 1 });
  let grams = pot.start;
  const dabs: Dab[] = [];
  let [additions, darkest] = [0, 0];
  for (;;) {
    const truth = mixedColor(optics, grams, strengths);
    darkest = Math.max(darkest, target.l - truth.l);
    const seen: Lab = { l: truth.l + 0.15 * normal(next), a: truth.a + 0.15 * normal(next), b: truth.b + 0.15 * normal(next) };
    dabs.push(how === 'by eye' ? { grams, by: 'eye', remark: looked(truth, target) } : { grams, by: 'meter', lab: seen });
    if (additions === most) break;
    const step = pot.next(grams, dabs, how !== 'as stated');
    if (step.state !== 'add') break;
    grams = grams.map((g, i) => g + (i === 0 ? step.baseG : (step.tintsG[i - 1] ?? 0)));
    additions += 1;
  }
  return { left: deltaE2000(mixedColor(optics, grams, strengths), target), additions, darkest };
}

/** What a person says who sees a unit and a half, and tells a little from clearly at three. */
function looked(truth: Lab, target: Lab): EyeRemark {
  const [l, a, b] = [truth.l - target.l, truth.a - target.a, truth.b - target.b];
  const word = <T extends string>(off: number, above: T, below: T) => (Math.abs(off) < 1 ? 'right' : off > 0 ? above : below);
  return {
    lightness: word(l, 'too light', 'too dark'),
    redness: word(a, 'too red', 'too green'),
    warmth: word(b, 'too warm', 'too cool'),
    how: Math.max(Math.abs(l), Math.abs(a), Math.abs(b)) > 3 ? 'clearly' : 'a little',
  };
}

const seeds = Array.from({ length: 200 }, (_v, i) => i + 1);
const reached = (all: readonly Outcome[], limit: number) => all.filter((o) => o.left <= limit).length / all.length;

describe('two hundred colors with tints of six tenths to one and six tenths of their stated strength', () => {
  const learning = seeds.map((s) => run(s, 'learning'));

  it('come within two in five additions, nine times in ten and more', () => {
    expect(reached(learning, 2)).toBeGreaterThanOrEqual(0.9);
    expect(Math.max(...learning.map((o) => o.additions))).toBeLessThanOrEqual(5);
  });

  it('never get more than one darker than the piece', () => {
    expect(Math.max(...learning.map((o) => o.darkest))).toBeLessThanOrEqual(1);
  });

  it('are measurably worse where the dabs teach nothing, and far off untinted', () => {
    const asStated = seeds.map((s) => run(s, 'as stated'));
    expect(reached(asStated, 2)).toBeLessThan(reached(learning, 2) - 0.15);
    expect(asStated.filter((o) => o.darkest > 1).length).toBeGreaterThan(10);
    expect(
      reached(
        seeds.map((s) => run(s, 'learning', 0)),
        2,
      ),
    ).toBeLessThan(0.1);
  });
});

describe('by eye', () => {
  it('comes within what shows side by side in six additions, nine times in ten, and seldom darker', () => {
    const eye = seeds.slice(0, 100).map((s) => run(s, 'by eye', 6));
    expect(reached(eye, 3.5)).toBeGreaterThanOrEqual(0.9);
    expect(eye.filter((o) => o.darkest > 1.5).length).toBeLessThanOrEqual(5);
  });

  it('takes what is said as said, and nothing of what is not', () => {
    const target = { l: 80, a: 2, b: 12 };
    expect(eyeSeen({ lightness: 'too light', how: 'clearly' }, target)).toEqual({ l: 84.5 });
    expect(eyeSeen({ lightness: 'right', warmth: 'too cool', redness: 'too red', how: 'a little' }, target)).toEqual({ l: 80, a: 3.6, b: 10.4 });
  });
});

describe('a pot', () => {
  const target = { l: 84, a: 2, b: 13 };
  const task = { base: whiteBase, tints: usualTints, target, baseG: 500, divisionG: 0.1, limit: 1 };

  it('is left alone when it is close', () => {
    const pot = new TintingPot({ ...task, target: { ...whiteBase.masstone, l: whiteBase.masstone.l - 0.3 } });
    expect(pot.next(pot.start, [{ by: 'meter', grams: pot.start, lab: whiteBase.masstone }]).state).toBe('close');
  });

  it('says what cannot be reached with these tints: no warm color without a red', () => {
    const gray = usualTints.filter((t) => ['white', 'black', 'yellow-oxide'].includes(t.id));
    const pot = new TintingPot({ ...task, tints: gray, target: { l: 72, a: 14, b: 12 } });
    const step = pot.next(pot.start, []);
    expect(step.state).toBe('unreachable');
    if (step.state !== 'unreachable') return;
    expect(step.difference).toBeGreaterThan(5);
    expect(step.off.a).toBeLessThan(-5);
    expect(new TintingPot({ ...task, target: { l: 72, a: 14, b: 12 } }).next(pot.start.concat(0, 0, 0), []).state).toBe('add');
  });

  it('adds whole divisions of the scale, and never takes anything out', () => {
    const step = new TintingPot({ ...task, divisionG: 0.5 }).next([500, 0, 0, 0, 0, 0, 0], []);
    expect(step.state).toBe('add');
    if (step.state !== 'add') return;
    for (const g of [step.baseG, ...step.tintsG]) {
      expect(g).toBeGreaterThanOrEqual(0);
      expect(g / 0.5).toBeCloseTo(Math.round(g / 0.5), 9);
    }
    expect(step.expected.l).toBeGreaterThanOrEqual(target.l);
  });

  it('learns the strength of a tint from one dab', () => {
    const pot = new TintingPot(task);
    const grams = [500, 0, 2, 0, 0, 0, 0];
    const truth = mixedColor(optics, grams, [1, 1, 1.5, 1, 1, 1, 1]);
    const learned = pot.learned([{ by: 'meter', grams, lab: truth }]);
    expect(Math.exp(learned.log[1] ?? 0)).toBeGreaterThan(1.4);
    expect(learned.covariance[1]?.[1] ?? 1).toBeLessThan(0.01);
    // nothing is known of what was not in the pot
    expect(learned.log[3]).toBe(0);
  });

  it('scales its recipe to any weight, in proportion', () => {
    expect(scaledRecipe([900, 60, 40], 250)).toEqual([225, 15, 10]);
  });
});
