import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cupMarks } from '../src/mixing/cups.ts';
import { formulaNamed } from '../src/formulas.ts';
import { evaluate, NotComputable, type Formula } from '../src/quantity/formula.ts';

/** Which way the answer may not go when an input grows, the others held: what a safe figure promises. */
const directions: readonly (readonly [promise: string, formula: string, input: string, way: 'never grows' | 'never falls'])[] = [
  ['warmer never lengthens a pot life', 'gel-time', 'temperatureC', 'never grows'],
  ['warmer never lengthens a pot life', 'pot-life-by-points', 'temperatureC', 'never grows'],
  ['warmer never lengthens a window', 'window-close', 'temperatureC', 'never grows'],
  ['warmer never lengthens a wait', 'resin-wait', 'temperatureC', 'never grows'],
  ['warmer never lengthens a wait', 'cement-wait', 'temperatureC', 'never grows'],
  ['warmer never lengthens a wait', 'wait-by-points', 'temperatureC', 'never grows'],
  ['warmer never lengthens a wait', 'time-by-ten-kelvin', 'temperatureC', 'never grows'],
  ['more in the cup never lengthens a pot life', 'pot-life-by-mass', 'batchG', 'never grows'],
  ['damper never shortens drying', 'compound-drying', 'humidityPct', 'never falls'],
  ['more air never lengthens drying', 'compound-drying', 'draft', 'never falls'],
  ['thicker never dries sooner', 'compound-drying', 'thicknessMm', 'never falls'],
  ['warmer never lengthens drying', 'compound-drying', 'airC', 'never grows'],
  ['more wind never slows evaporation', 'evaporation', 'windKmh', 'never falls'],
  ['damper air never speeds evaporation', 'evaporation', 'humidityPct', 'never grows'],
  ['faster drying is never misted later', 'misting-every', 'evaporationKgM2h', 'never grows'],
  ['warmer never bears a thicker lift', 'safe-lift-neat', 'ambientC', 'never grows'],
  ['warmer never bears a thicker lift', 'safe-lift-sand-filled', 'ambientC', 'never grows'],
  ['warmer never takes more hardener', 'paste-peroxide', 'roomC', 'never grows'],
  ['warmer never takes more hardener', 'liquid-peroxide', 'roomC', 'never grows'],
  ['a wider crack never fills slower', 'front-time', 'widthMm', 'never grows'],
  ['a wider crack never fills slower', 'front-time-rising', 'widthMm', 'never grows'],
  ['a wider crack never needs more pressure', 'pressure-needed', 'widthMm', 'never grows'],
  ['a thicker resin never gets deeper', 'gravity-depth', 'viscosityMpas', 'never grows'],
  ['a thicker resin never gets further', 'front-reach', 'viscosityMpas', 'never grows'],
  ['damper air never lowers the dew point', 'dew-point', 'humidityPct', 'never falls'],
  ['damper air never dries timber', 'timber-moisture', 'humidityPct', 'never falls'],
  ['more strength is never reached sooner', 'age-at-strength', 'wantedMpa', 'never falls'],
  ['a larger room never bears less solvent', 'solvent-limit', 'roomMl', 'never falls'],
];

const between = (f: Formula, name: string) => {
  const spec = f.inputs[name];
  if (!spec) throw new Error(`${f.name} has no ${name}`);
  return fc.double({ min: Math.max(spec.min, -1e6), max: Math.min(spec.max, 1e6), noNaN: true });
};
const tryOf = (f: Formula, given: object) => {
  try {
    return evaluate(f, given as never);
  } catch (error) {
    if (error instanceof NotComputable) return undefined;
    throw error;
  }
};

describe('directions', () => {
  it.each(directions)('%s: %s against %s %s', (_promise, name, input, way) => {
    const f = formulaNamed(name);
    if (!f) throw new Error(name);
    const scalars = Object.entries(f.inputs)
      .filter(([n, s]) => !s.list && n !== input)
      .map(([n]) => n);
    const usual = Object.fromEntries(Object.entries(f.inputs).map(([n, s]) => [n, s.usual]));
    let compared = 0;
    fc.assert(
      fc.property(
        fc.record(Object.fromEntries(scalars.map((n) => [n, between(f, n)]))),
        between(f, input),
        between(f, input),
        fc.boolean(),
        (others, one, two, wild) => {
          const given = { ...usual, ...(wild && others) };
          const [less, more] = [Math.min(one, two), Math.max(one, two)].map((v) => tryOf(f, { ...given, [input]: v }));
          if (less === undefined || more === undefined) return;
          compared += 1;
          const slack = 1e-9 * Math.max(1, Math.abs(less), Math.abs(more));
          if (way === 'never grows') expect(more).toBeLessThanOrEqual(less + slack);
          else expect(more).toBeGreaterThanOrEqual(less - slack);
        },
      ),
      { numRuns: 150 },
    );
    expect(compared).toBeGreaterThan(30);
  });

  it('parts of a cup sum to the batch', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 400, noNaN: true }), fc.array(fc.integer({ min: 1, max: 8 }), { minLength: 2, maxLength: 4 }), (needed, parts) => {
        const found = cupMarks(needed, parts, 5, 600, 5);
        if (found.state === 'marks') expect(found.marks[found.marks.length - 1]?.untilMl).toBeCloseTo(found.totalMl, 9);
      }),
    );
  });
});
