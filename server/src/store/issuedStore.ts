import type { IssuedRecord, IssuedSummary } from '@oddment/contracts';
import { and, asc, desc, eq, isNull } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { issuedPlans, jobs } from './schema.ts';

type Db = Database | Transaction;

const { id, version, jobId, defectId, mark, system, totalMin, startAt, core, state, issuedBy, begunAt, begunBy, createdAt, plan } = issuedPlans;
const shape = { id, version, jobId, defectId, mark, system, totalMin, startAt, core, state, issuedBy, begunAt, begunBy, issuedAt: createdAt };

type Row = Omit<IssuedSummary, 'begunAt' | 'begunBy'> & { readonly begunAt: string | null; readonly begunBy: string | null };

function summary({ begunAt: at, begunBy: by, issuedAt, ...rest }: Row): IssuedSummary {
  return {
    ...rest,
    issuedAt: new Date(issuedAt).toISOString(),
    ...(at !== null && { begunAt: new Date(at).toISOString() }),
    ...(by !== null && { begunBy: by }),
  };
}

/** An issued plan without what it says, withdrawn or not. */
export async function readIssuedRow(db: Db, firmId: string, planId: string): Promise<IssuedSummary | undefined> {
  const [row] = await db
    .select(shape)
    .from(issuedPlans)
    .where(and(eq(issuedPlans.firmId, firmId), eq(id, planId)));
  return row && summary(row);
}

/** An issued plan with what it says. */
export async function readIssued(db: Db, firmId: string, planId: string): Promise<IssuedRecord | undefined> {
  const [row] = await db
    .select({ ...shape, plan })
    .from(issuedPlans)
    .where(and(eq(issuedPlans.firmId, firmId), eq(id, planId), isNull(issuedPlans.deletedAt)));
  if (!row) return undefined;
  const { plan: said, ...rest } = row;
  return { ...summary(rest), plan: said };
}

/** The plans of a firm that are begun and not done, of jobs that are there, by when they were begun. */
export async function listBegun(db: Db, firmId: string): Promise<IssuedSummary[]> {
  const rows = await db
    .select(shape)
    .from(issuedPlans)
    .innerJoin(jobs, and(eq(jobs.firmId, issuedPlans.firmId), eq(jobs.id, jobId), isNull(jobs.deletedAt)))
    .where(and(eq(issuedPlans.firmId, firmId), eq(state, 'begun'), isNull(issuedPlans.deletedAt)))
    .orderBy(asc(begunAt), asc(mark), asc(id));
  return rows.map(summary);
}

/** The issued plans of a job, latest first; those of one moment by their marks. */
export async function listIssued(db: Db, firmId: string, ofJob: string): Promise<IssuedSummary[]> {
  const rows = await db
    .select(shape)
    .from(issuedPlans)
    .where(and(eq(issuedPlans.firmId, firmId), eq(jobId, ofJob), isNull(issuedPlans.deletedAt)))
    .orderBy(desc(createdAt), asc(mark), desc(id));
  return rows.map(summary);
}
