import type { KeptDaysRecord, KeptDaysSummary } from '@oddment/contracts';
import { daysToday } from '@oddment/core';
import { and, desc, eq, inArray, isNull, ne } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { jobs, keptDays } from './schema.ts';

type Db = Database | Transaction;

const { id, version, jobId, core, aim, doneAt, visits, keptBy, createdAt, days } = keptDays;
const shape = { id, version, jobId, core, aim, doneAt, visits, keptAt: createdAt, keptBy };

const summary = (row: KeptDaysSummary): KeptDaysSummary => ({ ...row, keptAt: new Date(row.keptAt).toISOString() });

/** Kept days without what they say, withdrawn or not. */
export async function readKeptDaysRow(db: Db, firmId: string, keptId: string): Promise<KeptDaysSummary | undefined> {
  const [row] = await db
    .select(shape)
    .from(keptDays)
    .where(and(eq(keptDays.firmId, firmId), eq(id, keptId)));
  return row && summary(row);
}

/** Kept days with what they say. */
export async function readKeptDays(db: Db, firmId: string, keptId: string): Promise<KeptDaysRecord | undefined> {
  const [row] = await db
    .select({ ...shape, days })
    .from(keptDays)
    .where(and(eq(keptDays.firmId, firmId), eq(id, keptId), isNull(keptDays.deletedAt)));
  if (!row) return undefined;
  const { days: said, ...rest } = row;
  return { ...summary(rest), days: daysToday(said) };
}

/** The kept days of a job, latest first. */
export async function listKeptDays(db: Db, firmId: string, ofJob: string): Promise<KeptDaysSummary[]> {
  const rows = await db
    .select(shape)
    .from(keptDays)
    .where(and(eq(keptDays.firmId, firmId), eq(jobId, ofJob), isNull(keptDays.deletedAt)))
    .orderBy(desc(createdAt), desc(id));
  return rows.map(summary);
}

/** Days that hold for a job: those it kept last. */
export interface DaysInForce {
  readonly keptId: string;
  readonly jobId: string;
  readonly site: string;
  readonly client: string;
  readonly forecast?: string;
  readonly days: KeptDaysRecord['days'];
}

/** The days that each job of a firm kept last, of those that are done after a moment; without one job where it is named. */
export async function daysInForce(db: Db, firmId: string, after: string, { without }: { readonly without?: string } = {}): Promise<DaysInForce[]> {
  const last = await db
    .selectDistinctOn([jobId], { keptId: id, done: doneAt, site: jobs.site, client: jobs.client, setup: jobs.days })
    .from(keptDays)
    .innerJoin(jobs, and(eq(jobs.firmId, firmId), eq(jobs.id, jobId), isNull(jobs.deletedAt)))
    .where(and(eq(keptDays.firmId, firmId), isNull(keptDays.deletedAt), ...(without === undefined ? [] : [ne(jobId, without)])))
    .orderBy(jobId, desc(createdAt), desc(id));
  const ahead = last.filter((d) => Date.parse(d.done) >= Date.parse(after));
  if (ahead.length === 0) return [];
  const rows = await db
    .select({ keptId: id, jobId, days })
    .from(keptDays)
    .where(
      and(
        eq(keptDays.firmId, firmId),
        inArray(
          id,
          ahead.map((d) => d.keptId),
        ),
      ),
    );
  return ahead
    .flatMap((d): DaysInForce[] => {
      const row = rows.find((r) => r.keptId === d.keptId);
      const forecast = d.setup?.forecast;
      return row ? [{ ...row, site: d.site, client: d.client, ...(forecast !== undefined && { forecast }), days: daysToday(row.days) }] : [];
    })
    .sort((a, b) => a.site.localeCompare(b.site) || a.jobId.localeCompare(b.jobId));
}
