import { surveyedPlan } from '../test/defects.ts';
import { tell, type Saying } from '../src/quantity/saying.ts';
import type { PlannedWork } from '../src/plan/plannedWork.ts';

/** A rectangle as it is outlined. */
export const box = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });

/** The work of a system on a plain defect of a kind, with answers in its place; it must be there. */
export function workOn(
  kind: string,
  system: string,
  answers: Readonly<Record<string, unknown>> = {},
  area: Readonly<Record<string, unknown>> = {},
  schools: Readonly<Record<string, string>> = {},
): PlannedWork {
  const plan = surveyedPlan(kind, answers, area, { choice: { system, reason: 'tried' }, schools });
  const work = plan.work();
  if (!work) throw new Error(`${kind} ${system}: ${plan.held ? 'held' : tell(plan.problem() ?? [], { units: 'metric', timeZone: 'UTC' })}`);
  return work;
}

export const told = (s: Saying) => tell(s, { units: 'metric', timeZone: 'UTC' });

/** An amount of a work by its id. */
export function amountOf(work: PlannedWork, id: string): number {
  const found = work.quantities.find((q) => q.id === id);
  if (!found) throw new Error(`no amount '${id}' among ${work.quantities.map((q) => q.id).join(', ')}`);
  return found.figure.value;
}

/** Builders of the steps, in the order of the work. */
export const orderOf = (work: PlannedWork) => work.method.steps.map((s) => s.builder);

/** The row of the first step of a builder. */
export function rowOf(work: PlannedWork, builder: string, n = 0) {
  const found = work.schedule.rows.filter((r) => r.step.builder === builder)[n];
  if (!found) throw new Error(`no step '${builder}'`);
  return found;
}

/** A part of a mix, in all. */
export function partOf(work: PlannedWork, mix: string, what: string): number {
  const found = work.mixes.find((m) => m.id === mix)?.parts.find((p) => p.what === what);
  if (!found) throw new Error(`no part '${what}' in '${mix}'`);
  return found.amount.value;
}
