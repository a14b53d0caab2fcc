import { describe, expect, it } from 'vitest';
import { formulas } from '../src/formulas.ts';
import type { InputSpec } from '../src/quantity/formula.ts';
import { baseUnits } from '../src/quantity/kind.ts';
import type { FigureRow } from '../src/quantity/figure.ts';
import { planRepair, plannedOf } from '../src/plan/repairPlan.ts';
import { schoolQuestions } from '../src/schools/schools.ts';
import { crackSettings, planInput } from './cracks.ts';
import { everyMethod } from './everyMethod.ts';
import fc from 'fast-check';

const byName = new Map(formulas.map((f) => [f.name, f]));

/** Inputs of a table of figures that are of another kind, or of another unit, than their formula asks. */
function otherKinds(rows: readonly FigureRow[]): { readonly looked: number; readonly kind: string[]; readonly unit: string[] } {
  const kinds = new Map(rows.map((r) => [r.id, r]));
  const [kind, unit]: [string[], string[]] = [[], []];
  let looked = 0;
  for (const { origin } of rows) {
    if (origin.by !== 'formula') continue;
    const inputs = byName.get(origin.formula)?.inputs ?? {};
    for (const [name, ids] of Object.entries(origin.inputs))
      for (const id of typeof ids === 'string' ? [ids] : ids) {
        const spec: InputSpec | undefined = inputs[name];
        const given = kinds.get(id);
        if (!spec || !given) throw new Error(`${origin.formula} ${name}`);
        looked += 1;
        const said = `${origin.formula}: '${given.label}' is a ${given.kind} where ${name} takes a ${[spec.kind, ...(spec.also ?? [])].join(' or a ')}`;
        if (given.kind !== spec.kind && spec.also?.includes(given.kind) !== true) kind.push(said);
        if (baseUnits[given.kind] !== baseUnits[spec.kind]) unit.push(said);
      }
  }
  return { looked, kind: [...new Set(kind)], unit: [...new Set(unit)] };
}

describe('what goes into a formula', () => {
  it('is of a kind that it takes, and so of its unit, over all methods and both sides of every question', () => {
    let looked = 0;
    const sides = schoolQuestions.map((q) => Object.fromEntries([[q.id, q.sides.find((s) => s.id !== q.usual)?.id ?? '']]));
    const other = Object.assign({}, ...sides) as Record<string, string>;
    for (const given of [everyMethod(), everyMethod({}, { position: 'overhead' }, other)])
      for (const { kind, system, plan } of given) {
        plan.work();
        const found = otherKinds(plan.ledger.rows());
        looked += found.looked;
        expect([kind, system, found.kind, found.unit]).toEqual([kind, system, [], []]);
      }
    expect(looked).toBeGreaterThan(40_000);
  });

  it('is so in cracks in slabs of every size, with every candidate’s verdicts read', () => {
    fc.assert(
      fc.property(crackSettings, (setting) => {
        const plan = plannedOf(planRepair(planInput(setting)));
        if (!plan) return;
        plan.work();
        for (const c of plan.candidates) for (const v of c.verdicts) v.reason();
        const found = otherKinds(plan.ledger.rows());
        expect([found.kind, found.unit]).toEqual([[], []]);
      }),
      { numRuns: 60 },
    );
  });

  it('may be of a further kind only where that has the same unit', () => {
    for (const f of formulas)
      for (const [name, spec] of Object.entries(f.inputs))
        for (const also of spec.also ?? []) expect([f.name, name, baseUnits[also]]).toEqual([f.name, name, baseUnits[spec.kind]]);
  });
});
