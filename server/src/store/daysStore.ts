import type { KeptDaysRecord, KeptDaysSummary } from '@oddment/contracts';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { keptDays } from './schema.ts';

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
  return { ...summary(rest), days: said };
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
