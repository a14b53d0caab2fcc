import type { JobFile } from '@oddment/contracts';
import { firmShelf, planJob, plansRecord, tell, usualHouseRules, workOf, type Job, type RepairPlan, type Telling, type UnitSystem } from '@oddment/core';
import { print, sectionDrawing, svgText } from '@oddment/drawing';
import { BadInput } from './badInput.ts';
import { planSheet } from './planSheet.ts';

export interface PlanOptions {
  readonly form: 'text' | 'json' | 'svg';
  readonly units?: UnitSystem;
  readonly mark?: string;
  /** draws the defect instead of its repair */
  readonly asFound?: boolean;
}

/** The drawing of the repair where there is one, else of the defect; `asFound` that of the defect. */
function drawing(plan: RepairPlan, how: Telling, asFound: boolean): string {
  if (plan.state === 'incomplete') throw new BadInput([`${plan.defect.mark} has no drawing yet: its facts are not complete.`]);
  const section = (asFound ? undefined : workOf(plan)?.section) ?? plan.section;
  if (!section) throw new BadInput([`${plan.defect.mark} has no drawing.`]);
  return `${svgText(sectionDrawing(section, { ...how, width: 720, height: 500, palette: print, prefix: 's' }))}\n`;
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
      return `${JSON.stringify(plansRecord(job.id, plans), null, 2)}\n`;
    case 'svg': {
      const [first] = plans;
      if (!first || plans.length > 1) throw new BadInput([`--svg draws one repair. Choose it with --mark: ${plans.map((p) => p.defect.mark).join(', ')}`]);
      return drawing(first, how, options.asFound === true);
    }
    case 'text':
      return `${[`${job.site}, ${job.client}`, ...plans.map((p) => planSheet(p, job, { how, text: (s) => tell(s, how) }))].join('\n\n')}\n`;
  }
}
