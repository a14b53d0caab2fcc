import { evaluate, formulaNamed, planRecord, type PlannedPlan, type SurveyedPlan } from '../src/index.ts';

/**
 * Computes every computed figure of a plan again from the inputs its origin names.
 * @returns how many there were
 * @throws Error where one differs or its formula is not registered
 */
export function recomputedFigures(plan: PlannedPlan | SurveyedPlan): number {
  planRecord(plan);
  const rows = new Map(plan.ledger.rows().map((r) => [r.id, r]));
  const value = (id: string) => rows.get(id)?.value ?? Number.NaN;
  let count = 0;
  for (const { label, origin, value: was } of rows.values()) {
    if (origin.by !== 'formula') continue;
    const formula = formulaNamed(origin.formula);
    if (!formula) throw new Error(`${origin.formula} is not registered`);
    const values = Object.fromEntries(Object.entries(origin.inputs).map(([name, ids]) => [name, typeof ids === 'string' ? value(ids) : ids.map(value)]));
    const again = evaluate(formula, values as never);
    if (again !== was) throw new Error(`${label}: the plan says ${String(was)}, its working ${String(again)}`);
    count += 1;
  }
  return count;
}
