import type { JobFile } from '@oddment/contracts';
import { firmShelf, planJob, planRecord, tell, usualHouseRules, type Job, type RepairPlan, type Telling, type UnitSystem } from '@oddment/core';
import { print, sectionDrawing, svgText } from '@oddment/drawing';
import { BadInput } from './badInput.ts';
import { planSheet } from './planSheet.ts';

export interface PlanOptions {
  readonly form: 'text' | 'json' | 'svg';
  readonly units?: UnitSystem;
  readonly mark?: string;
}

function drawing(plan: RepairPlan, how: Telling): string {
  if (plan.state === 'incomplete') throw new BadInput([`${plan.defect.mark} has no drawing yet: its facts are not complete.`]);
  if (!plan.section) throw new BadInput([`${plan.defect.mark} has no drawing.`]);
  return `${svgText(sectionDrawing(plan.section, { ...how, width: 720, height: 500, palette: print, prefix: 's' }))}\n`;
}

/** The plans of a job file in the form asked for. */
export function planOutput(file: JobFile, options: PlanOptions): string {
  const job = file.job as Job;
  const all = planJob(job, file.rules ?? usualHouseRules, firmShelf(file.products ?? []));
  const plans = options.mark === undefined ? all : all.filter((p) => p.defect.mark === options.mark);
  if (options.mark !== undefined && plans.length === 0)
    throw new BadInput([`There is no repair marked ${options.mark}. There are: ${all.map((p) => p.defect.mark).join(', ')}`]);
  const how: Telling = { units: options.units ?? job.units, timeZone: job.timeZone, day: job.startAt };
  switch (options.form) {
    case 'json':
      return `${JSON.stringify({ job: job.id, plans: plans.map(planRecord) }, null, 2)}\n`;
    case 'svg': {
      const [first] = plans;
      if (!first || plans.length > 1) throw new BadInput([`--svg draws one repair. Choose it with --mark: ${plans.map((p) => p.defect.mark).join(', ')}`]);
      return drawing(first, how);
    }
    case 'text':
      return `${[`${job.site}, ${job.client}`, ...plans.map((p) => planSheet(p, how, (s) => tell(s, how)))].join('\n\n')}\n`;
  }
}
