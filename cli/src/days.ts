import { daysCsv, type JobFile } from '@oddment/contracts';
import { daysCalendar } from '@oddment/contracts/daysCalendar';
import { daysRecord, firmShelf, makeDays, planJob, usualHouseRules, type Aim, type Job, type Telling, type UnitSystem } from '@oddment/core';
import { daysText } from './daysText.ts';

export interface DaysOptions {
  readonly form: 'text' | 'json' | 'ics' | 'csv';
  readonly aim: Aim;
  readonly seed: number;
  readonly rounds?: number;
  readonly units?: UnitSystem;
  /** when it is made, as an instant */
  readonly stamp: string;
}

/** The days of a job file in the form asked for, and whether all of it has its place and its date. */
export function daysOutput(file: JobFile, { form, aim, seed, rounds, units, stamp }: DaysOptions): { readonly text: string; readonly whole: boolean } {
  const job = file.job as Job;
  const rules = file.rules ?? usualHouseRules;
  const shelf = firmShelf(file.products ?? []);
  const made = makeDays(
    { job, plans: planJob(job, rules, shelf), rules, shelf, setup: file.days ?? {} },
    { aim, seed, ...(rounds !== undefined && { rounds }) },
  );
  const how: Telling = { units: units ?? job.units, timeZone: job.timeZone };
  const whole = made.plan.failing.length === 0 && made.plan.days.length > 0;
  const record = () => daysRecord(job, made, { aim, seed }, how);
  switch (form) {
    case 'json':
      return { text: `${JSON.stringify(record(), null, 2)}\n`, whole };
    case 'ics':
      return { text: daysCalendar(job, record(), { stamp }), whole };
    case 'csv':
      return { text: daysCsv(record()), whole };
    case 'text':
      return { text: daysText(job, made, aim, how), whole };
  }
}
