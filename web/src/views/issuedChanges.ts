import { inputChanges, inputsOf, judgeable, planChanges, readSheet, sheetAgain, sheetOf, type Area, type Defect, type HouseRules, type IssuedPlan, type Job, type PlanChange, type RepairPlan } from '@oddment/core';

export interface IssuedChanges {
  /** facts and choices that differ from those it was issued on */
  readonly facts: readonly PlanChange[];
  /** what these do to the plan */
  readonly plan: readonly PlanChange[];
  /** what this version of Oddment makes otherwise of the same facts */
  readonly core: readonly PlanChange[];
  /** the defect is gone, or its plan is no longer complete */
  readonly noPlanNow: boolean;
}

/** An issued plan against the job as it is now: what the facts changed, and what a newer core does. */
export function issuedChanges(issued: IssuedPlan, now: { job: Job; area: Area; defect: Defect; rules: HouseRules; plan: RepairPlan } | undefined): IssuedChanges {
  const { sheet } = readSheet(issued.kept);
  const again = sheetAgain(issued);
  const core = again ? planChanges(sheet, again) : [];
  const judged = judgeable(now?.plan);
  if (!now || !judged) return { facts: now ? inputChanges(issued.inputs, inputsOf(now)) : [], plan: [], core, noPlanNow: true };
  return { facts: inputChanges(issued.inputs, inputsOf(now)), plan: planChanges(again ?? sheet, sheetOf(judged, now.job)), core, noPlanNow: false };
}

/** How many things differ by now. */
export function changeCount({ facts, plan, core }: IssuedChanges): number {
  return facts.length + plan.length + core.length;
}
