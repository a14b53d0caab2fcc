import type { DaysSetup } from '../schedule/days/setup.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { HouseRules, Job } from '../survey/job.ts';
import type { Elsewhere } from './elsewhere.ts';
import { jobDays, type JobDays } from './jobDays.ts';
import type { RepairPlan } from './repairPlan.ts';

/** What days are made from. */
export interface DaysInput {
  readonly job: Job;
  readonly plans: readonly RepairPlan[];
  readonly rules?: HouseRules;
  readonly shelf?: readonly PatchSystem[];
  readonly setup: DaysSetup;
  /** where people of the firm are by the days of other jobs */
  readonly elsewhere?: readonly Elsewhere[];
}

/** The problem of days that an input gives. */
export const daysOf = ({ job, plans, rules, setup, elsewhere }: DaysInput): JobDays => jobDays(job, plans, rules, setup, { ...(elsewhere && { elsewhere }) });
