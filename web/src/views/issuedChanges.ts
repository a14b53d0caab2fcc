import {
  inputChanges,
  inputsOf,
  plannedOf,
  overtaken,
  planChanges,
  readSheet,
  sheetAgain,
  sheetOf,
  type Area,
  type Defect,
  type HouseRules,
  type IssuedPlan,
  type Job,
  type Overtaken,
  type PlanChange,
  type RepairPlan,
} from '@oddment/core';

export interface IssuedChanges {
  /** facts and choices that differ from those it was issued on */
  readonly facts: readonly PlanChange[];
  /** what these do to the plan */
  readonly plan: readonly PlanChange[];
  /** what this version of Oddment makes otherwise of the same facts */
  readonly core: readonly PlanChange[];
  /** why it is not gone on from as it is */
  readonly over?: Overtaken;
}

/** An issued plan against the job as it is now: what the facts changed, and what a newer core does. */
export function issuedChanges(
  issued: IssuedPlan,
  now: { job: Job; area: Area; defect: Defect; rules: HouseRules; plan: RepairPlan } | undefined,
): IssuedChanges {
  const { sheet } = readSheet(issued.kept);
  const again = sheetAgain(issued);
  const core = again ? planChanges(sheet, again) : [];
  const judged = plannedOf(now?.plan);
  if (!now) return { facts: [], plan: [], core };
  const over = overtaken(now.plan, now.job);
  return {
    facts: inputChanges(issued.inputs, inputsOf(now)),
    plan: judged ? planChanges(again ?? sheet, sheetOf(judged, now.job)) : [],
    core,
    ...(over && { over }),
  };
}

/** How many things differ by now. */
export function changeCount({ facts, plan, core }: IssuedChanges): number {
  return facts.length + plan.length + core.length;
}
