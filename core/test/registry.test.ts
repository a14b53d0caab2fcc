import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formulaGroups, formulas } from '../src/formulas.ts';
import { DoNotGoTogether, evaluate, OutOfRange, type Formula, type InputSpec } from '../src/quantity/formula.ts';

/** Values of an input over its whole range: its ends, evenly, and where the range spans powers, by powers. */
function values({ min, max, kind, usual }: InputSpec): fc.Arbitrary<number> {
  const count = kind === 'count';
  const evenly = fc.double({ min, max, noNaN: true });
  const near =
    min > 0
      ? fc.double({ min: Math.log(min), max: Math.log(max), noNaN: true }).map(Math.exp)
      : fc.double({ min: 0, max: 1, noNaN: true }).map((u) => min + (max - min) * u ** 6);
  const usualOnes = usual === undefined ? [] : [usual].flat();
  return fc.oneof(fc.constantFrom(min, max, ...usualOnes), evenly, near).map((v) => Math.min(max, Math.max(min, count ? Math.round(v) : v)));
}

function inputs(f: Formula): fc.Arbitrary<Record<string, number | number[]>> {
  const lists = Object.values(f.inputs).filter((s) => s.list).length;
  return fc
    .integer({ min: 1, max: 5 })
    .chain((length) =>
      fc.record(
        Object.fromEntries(
          Object.entries(f.inputs).map(([name, spec]) => [
            name,
            spec.list ? fc.array(values(spec), lists > 1 ? { minLength: length, maxLength: length } : { minLength: 1, maxLength: 5 }) : values(spec),
          ]),
        ),
      ),
    );
}

const usualOf = (f: Formula) => Object.fromEntries(Object.entries(f.inputs).map(([name, spec]) => [name, spec.usual]));
/** whether it refused in words; anything else that is thrown fails the test */
function attempt(f: Formula, given: object): { readonly value: number } | { readonly refused: DoNotGoTogether } {
  try {
    return { value: evaluate(f, given as never) };
  } catch (error) {
    if (error instanceof DoNotGoTogether) return { refused: error };
    throw error;
  }
}

describe.each(formulas.map((f) => [f.name, f] as const))('%s', (_name, f) => {
  it('is a finite number over all of its range, or refuses in a sentence', () => {
    fc.assert(
      fc.property(inputs(f), (given) => {
        const got = attempt(f, given);
        if ('value' in got) expect(Number.isFinite(got.value)).toBe(true);
        else {
          expect(got.refused.why).toMatch(/^[A-Z].{15,}\.$/s);
          expect(Object.keys(f.inputs)).toContain(got.refused.input);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('has a common example of itself', () => {
    const got = attempt(f, usualOf(f));
    expect('value' in got && Number.isFinite(got.value) && got.value !== 0).toBe(true);
  });

  it('refuses each input that is out of range, missing, or no number', () => {
    for (const [name, spec] of Object.entries(f.inputs)) {
      const span = Math.max(1, Math.abs(spec.max - spec.min));
      for (const bad of [spec.min - span * 0.01, spec.max + span * 0.01, Number.NaN, Number.POSITIVE_INFINITY, undefined]) {
        const value = spec.list && bad !== undefined ? [bad] : bad;
        expect(() => evaluate(f, { ...usualOf(f), [name]: value } as never)).toThrow(OutOfRange);
      }
    }
  });
});

it('groups hold every formula once', () => {
  expect(formulaGroups.flatMap((g) => g.formulas.map((f) => f.name)).sort()).toEqual([...new Set(formulas.map((f) => f.name))].sort());
  for (const g of formulaGroups) expect(g.formulas.length).toBeGreaterThan(0);
});
