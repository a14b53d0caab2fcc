import type { DaysAhead, DaysInputs, JobRecord, KeepDaysBody } from '@oddment/contracts';
import { daysWithin, elsewhereOf, siteDateTime, type Elsewhere } from '@oddment/core';
import { sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { keptInThread } from '../threads.ts';
import { HttpProblem, notFound } from '../problem.ts';
import type { SignedIn } from '../store/accountStore.ts';
import type { Database, Transaction } from '../store/database.ts';
import { daysInForce, readKeptDaysRow } from '../store/daysStore.ts';
import { listIssued } from '../store/issuedStore.ts';
import { readJob, type Scope } from '../store/jobStore.ts';
import { listProducts } from '../store/shelfStore.ts';
import { issuedValues } from './planService.ts';
import { createRecord, madeBefore, type Answer } from './recordService.ts';

/** Where people of the firm are by the days that other jobs kept. */
export async function elsewhere(
  db: Database | Transaction,
  { firmId }: Scope,
  { id, startAt }: Pick<JobRecord, 'id' | 'startAt'>,
): Promise<readonly Elsewhere[]> {
  return elsewhereOf(await daysInForce(db, firmId, startAt, { without: id }));
}

/** The kept days of all jobs that are not over yet, each from its today on. */
export async function daysAhead(db: Database, { firmId, at }: Scope): Promise<readonly DaysAhead[]> {
  // a day is over at its end, not at the end of its work
  const yesterday = new Date(Date.parse(at) - 86_400_000).toISOString();
  return (await daysInForce(db, firmId, yesterday)).flatMap(({ days, ...rest }): DaysAhead[] => {
    const today = siteDateTime(at, days.timeZone).date;
    const left = days.days.filter((d) => d.date >= today);
    return left.length === 0 ? [] : [{ ...rest, today, days: { ...days, days: left } }];
  });
}

/**
 * Keeps days: they are gone through here, on the records as they stand, and kept with what they were made from; what of their plans is not
 * issued yet is issued with them, all or nothing.
 * @throws HttpProblem 404 where the job is not there, 409 where it moved on or the days do not hold on it
 */
export async function keep(db: Database, { firm, account }: SignedIn, scope: Scope, jobId: string, body: KeepDaysBody): Promise<Answer> {
  const parent = { entity: 'job', id: jobId } as const;
  // a repeat is answered from what was kept, whatever the records say by now
  if (await readKeptDaysRow(db, scope.firmId, body.id)) return madeBefore(db, scope, 'days', body, parent);
  const found = await readJob(db, scope, jobId);
  if (!found) throw notFound('This job');
  if (found.version !== body.jobVersion) throw new HttpProblem(409, 'The job was changed meanwhile. Look at the days as they are now, then keep them.');
  const { days: setup = {}, ...job } = found;
  const issuedBefore = new Set((await listIssued(db, scope.firmId, jobId)).map((p) => p.defectId));
  const products = await listProducts(db, scope.firmId);
  const inputs: DaysInputs = {
    job,
    rules: firm.rules,
    products,
    setup: daysWithin(job, setup),
    aim: body.aim,
    seed: Math.round(body.seed),
    elsewhere: await elsewhere(db, scope, found),
    placements: body.placements.map(({ id, start, end, people }) => ({ id, start, end, people })),
  };
  const issue = body.issue ? job.areas.flatMap((a) => a.defects.map((d) => d.id)).filter((id) => !issuedBefore.has(id)) : [];
  const done = await keptInThread({ inputs, issue });
  if (!done.ok) throw new HttpProblem(409, done.why);
  const { days, issued } = done;
  return db.transaction(async (tx) => {
    // two jobs that keep their days at once would each plan the same people without knowing of the other
    await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`days of ${scope.firmId}`}))`);
    if (JSON.stringify(await elsewhere(tx, scope, found)) !== JSON.stringify(inputs.elsewhere))
      throw new HttpProblem(409, 'Another job kept its days meanwhile, with people of this one. Look at the days as they are now, then keep them.');
    const values = { core: days.core, aim: days.aim, doneAt: days.doneAt, visits: days.visits, days, inputs, keptBy: account.name };
    const answer = await createRecord(tx, scope, 'days', body, values, parent);
    if (!answer.repeated)
      for (const { defectId, plan } of issued)
        await createRecord(tx, scope, 'plan', { id: randomUUID(), change: randomUUID() }, issuedValues(plan, job, defectId, account.name), {
          entity: 'defect',
          id: defectId,
        });
    return answer;
  });
}
