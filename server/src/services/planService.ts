import type { FirmRecord, IssueBody, IssuedSummary } from '@oddment/contracts';
import { firmShelf, issuePlan, overtaken, planRepair, tell, type IssuedPlan, type Job } from '@oddment/core';
import { HttpProblem, notFound } from '../problem.ts';
import type { SignedIn } from '../store/accountStore.ts';
import type { Database } from '../store/database.ts';
import { readIssuedRow } from '../store/issuedStore.ts';
import { listProducts } from '../store/shelfStore.ts';
import { readJob, type Scope } from '../store/jobStore.ts';
import { placeOfDefect } from '../store/placeStore.ts';
import { changeRecord, createRecord, madeBefore, type Answer } from './recordService.ts';

/** What a defect is planned from as it stands; nothing where it is not there. */
async function inputOf(db: Database, firm: FirmRecord, scope: Scope, defectId: string) {
  const place = await placeOfDefect(db, scope, defectId);
  const job = place && (await readJob(db, scope, place.jobId));
  const area = job?.areas.find((a) => a.id === place?.areaId);
  const defect = area?.defects.find((d) => d.id === defectId);
  return job && area && defect ? { job, area, defect, rules: firm.rules, shelf: firmShelf(await listProducts(db, scope.firmId)) } : undefined;
}

/**
 * Issues the plan of a defect: computed here from the records as they stand, and kept with them.
 * @throws HttpProblem 404 where the defect is not there, 409 where a record moved on, 422 where there is nothing to issue
 */
export async function issue(db: Database, { firm, account }: SignedIn, scope: Scope, defectId: string, body: IssueBody): Promise<Answer> {
  const known = await readIssuedRow(db, scope.firmId, body.id);
  // a repeat is answered from what was kept, whatever the records say by now
  if (known) return madeBefore(db, scope, 'plan', body, { entity: 'defect', id: defectId });
  const input = await inputOf(db, firm, scope, defectId);
  if (!input) throw notFound('This defect');
  const { job, area, defect } = input;
  if (job.version !== body.jobVersion || area.version !== body.areaVersion || defect.version !== body.defectVersion) {
    throw new HttpProblem(409, 'The job, the area or the defect was changed meanwhile. Look at the plan as it is now, then issue it.');
  }
  const issued = issuePlan(input);
  if (!issued.ok) {
    const message = tell(issued.why, { units: job.units, timeZone: job.timeZone });
    throw new HttpProblem(422, message, { problems: [{ path: '', message }] });
  }
  return createRecord(db, scope, 'plan', body, issuedValues(issued.plan, job, defectId, account.name), { entity: 'defect', id: defectId });
}

/** What is kept of a plan that is issued. */
export function issuedValues(plan: IssuedPlan, job: Job, defectId: string, issuedBy: string) {
  const { work } = plan.kept.sheet as { work: { title: string; schedule: { total: { figure: string } } } };
  const total = plan.kept.figures.find((f) => f.id === work.schedule.total.figure);
  const mark = job.areas.flatMap((a) => a.defects).find((d) => d.id === defectId)?.mark ?? '';
  return { jobId: job.id, mark, system: work.title, totalMin: total?.value ?? 0, startAt: job.startAt, core: plan.core, plan, issuedBy };
}

/** Whether what was issued is not gone on from, by the repair as it is now; nothing where it is done, or deleted. */
export async function overtakenNow(
  db: Database,
  { firm }: SignedIn,
  scope: Scope,
  { state, defectId }: IssuedSummary,
): Promise<{ held: boolean; says: string } | undefined> {
  const input = state === 'done' ? undefined : await inputOf(db, firm, scope, defectId);
  const over = input && overtaken(planRepair(input), input.job);
  return over && { held: over.held, says: tell(over.says, input.job) };
}

/**
 * Begins an issued plan, or notes that it is done.
 * @throws HttpProblem 409 where the version is stale, or the plan is not at the state before; 422 where a stop that
 * was found since holds the repair
 */
export async function changeState(
  db: Database,
  who: SignedIn,
  scope: Scope,
  id: string,
  body: { change: string; version: number; state: 'begun' | 'done' },
): Promise<IssuedSummary> {
  const { account } = who;
  const summary = body.state === 'begun' ? await readIssuedRow(db, scope.firmId, id) : undefined;
  const over = summary?.state === 'issued' ? await overtakenNow(db, who, scope, summary) : undefined;
  if (over?.held) throw new HttpProblem(422, over.says);
  const values = body.state === 'begun' ? { state: 'begun', begunAt: scope.at, begunBy: account.name } : { state: 'done' };
  const { record } = await changeRecord(db, scope, 'plan', id, body, 'change', values, (before) => {
    const { state } = before as IssuedSummary;
    if (body.state === 'begun' && state !== 'issued') throw new HttpProblem(409, `This plan is ${state} already.`, { current: before });
    if (body.state === 'done' && state !== 'begun') throw new HttpProblem(409, 'Only a plan that is begun can be done.', { current: before });
  });
  return record as IssuedSummary;
}

/** @throws HttpProblem 409 where the plan is begun: what is being worked from cannot be withdrawn */
export function refuseBegun(before: unknown): void {
  if ((before as IssuedSummary).state !== 'issued') throw new HttpProblem(409, 'This plan is begun. It can no longer be withdrawn.', { current: before });
}
