import type { DaysInputs } from '@oddment/contracts';
import { daysRecord, firmShelf, issuePlan, keptDays, planJob, tell, type DaysRecord, type IssuedPlan } from '@oddment/core';

/** Days to be kept, and the defects whose plans are issued with them. Plain data: it crosses into a thread. */
export interface KeepTask {
  readonly inputs: DaysInputs;
  readonly issue: readonly string[];
}

export type KeepDone =
  | { readonly ok: true; readonly days: DaysRecord; readonly issued: readonly { readonly defectId: string; readonly plan: IssuedPlan }[] }
  | { readonly ok: false; readonly why: string };

/** Goes through days that are to be kept, tells them, and issues the plans that go with them; in a thread of its own. */
export function keepDays({ inputs, issue }: KeepTask): KeepDone {
  const { job, rules, products, setup, aim, seed, placements, elsewhere } = inputs;
  const shelf = firmShelf(products);
  const how = { units: job.units, timeZone: job.timeZone };
  const kept = keptDays({ job, plans: planJob(job, rules, shelf), rules, shelf, setup, ...(elsewhere && { elsewhere }) }, { aim, seed, placements });
  if (!kept.ok) return { ok: false, why: tell(kept.why, how) };
  const days = daysRecord(job, kept.made, { aim, seed }, how);
  const issued = job.areas.flatMap((area) =>
    area.defects.flatMap((defect) => {
      if (!issue.includes(defect.id)) return [];
      const one = issuePlan({ job, area, defect, rules, shelf });
      return one.ok ? [{ defectId: defect.id, plan: one.plan }] : [];
    }),
  );
  return { ok: true, days, issued };
}
