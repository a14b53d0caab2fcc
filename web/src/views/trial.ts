import { crewOf, withFigures, type Area, type Defect, type Job, type PlanInput, type HouseRules, type PatchSystem } from '@oddment/core';
import type { WhatIf } from '../state/view.ts';

/** What a plan is made from while something is tried out: the facts, people, sides and figures of the trial in place of those that are kept. */
export function trialInput(
  job: Job,
  area: Area,
  defect: Defect,
  by: { readonly rules: HouseRules; readonly shelf: readonly PatchSystem[] },
  trial: WhatIf,
): PlanInput {
  const at = job.startAt;
  const as = (values: Readonly<Record<string, unknown>> = {}) =>
    Object.fromEntries(
      Object.entries(values)
        .filter(([, v]) => v !== undefined)
        .map(([field, value]) => [field, { value, how: 'assumed' as const, at }]),
    );
  const facts = { ...area.facts, ...as(trial.facts?.area), ...as({ airC: trial.airC, slabC: trial.slabC, humidityPct: trial.humidityPct }) };
  return {
    job: trial.people ? { ...job, crew: crewOf(job.crew, trial.people) } : job,
    area: { ...area, facts },
    defect: { ...defect, facts: { ...defect.facts, ...as(trial.facts?.defect) }, ...(trial.schools && { schools: { ...defect.schools, ...trial.schools } }) },
    rules: by.rules,
    shelf: trial.figures ? withFigures(by.shelf, trial.figures.system, trial.figures.values) : by.shelf,
  };
}
