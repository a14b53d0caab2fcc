import type {
  AreaRecord,
  DefectRecord,
  IssuedSummary,
  JobRecord,
  KeptDaysSummary,
  JobSummary,
  OfferSummary,
  PhotoRecord,
  ProductRecord,
  StockRecord,
} from '@oddment/contracts';
import { and, asc, count, eq, getTableColumns, isNull, sql, type Column, type SQL } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { preparedOnce, noName } from './prepared.ts';
import { areas, changes, defects, issuedPlans, jobs, keptDays, offers, photos, products, stock } from './schema.ts';
import { readProductRow, readStockRow } from './shelfStore.ts';
import { readKeptDaysRow } from './daysStore.ts';
import { openOffers, readOfferRow } from './offerStore.ts';
import { readIssuedRow } from './issuedStore.ts';
import { areaRecord, areaShown, defectShown, jobRecord, recordOf, type AnyRow, type AreaShown, type DefectShown } from './rowRecords.ts';
import { readPhotoRow } from './photoStore.ts';

/** Who is asking: every query is scoped by the firm. */
export interface Scope {
  readonly firmId: string;
  readonly accountId: string;
  readonly at: string;
}

export const tables = {
  job: jobs,
  area: areas,
  defect: defects,
  photo: photos,
  plan: issuedPlans,
  days: keptDays,
  offer: offers,
  product: products,
  stock,
} as const;
export type Entity = keyof typeof tables;
export type Row<E extends Entity> = (typeof tables)[E]['$inferSelect'];

type Db = Database | Transaction;

/** The fields of a record's row, each with the name of its column. */
export function columnsOf(entity: Entity): readonly (readonly [field: string, name: string])[] {
  const columns = getTableColumns(tables[entity]) as Readonly<Record<string, { readonly name: string }>>;
  return Object.entries(columns).map(([field, { name }]) => [field, name]);
}

export type AnyRecord = JobRecord | AreaRecord | DefectRecord | PhotoRecord | IssuedSummary | KeptDaysSummary | OfferSummary | ProductRecord | StockRecord;

/** A row as JSON under the names of its fields, made by PostgreSQL: many of them come in one answer. */
function asJson(entity: Entity, fields: readonly string[]): SQL {
  const columns = getTableColumns(tables[entity]) as Readonly<Record<string, Column>>;
  const pairs = fields.map((field) => sql`${sql.raw(`'${field}'`)}, ${columns[field]}`);
  return sql`json_build_object(${sql.join(pairs, sql`, `)})`;
}

/** A job with all that is under it, in one question: its text is made once, its firm and id are filled in. */
const wholeJob = preparedOnce((db) => {
  const [firm, id] = [sql.placeholder('firm'), sql.placeholder('id')];
  const there = and(eq(areas.firmId, firm), eq(areas.jobId, id), isNull(areas.deletedAt));
  const ownAreas = db
    .select({ all: sql`json_agg(${asJson('area', areaShown)} order by ${areas.position}, ${areas.createdAt}, ${areas.id})` })
    .from(areas)
    .where(there);
  const ownDefects = db
    .select({ all: sql`json_agg(${asJson('defect', defectShown)} order by ${defects.position}, ${defects.createdAt}, ${defects.id})` })
    .from(defects)
    .innerJoin(areas, and(eq(areas.id, defects.areaId), there))
    .where(and(eq(defects.firmId, firm), isNull(defects.deletedAt)));
  return db
    .select({ ...getTableColumns(jobs), ownAreas: sql<AreaShown[] | null>`(${ownAreas})`, ownDefects: sql<DefectShown[] | null>`(${ownDefects})` })
    .from(jobs)
    .where(and(eq(jobs.firmId, firm), eq(jobs.id, id), isNull(jobs.deletedAt)))
    .prepare(noName);
});

/** A job with its areas and defects, without what is deleted. */
export async function readJob(db: Db, { firmId }: Scope, id: string): Promise<JobRecord | undefined> {
  const [job] = await wholeJob(db).execute({ firm: firmId, id });
  if (!job) return undefined;
  const byArea = new Map<string, DefectShown[]>();
  for (const row of job.ownDefects ?? []) byArea.set(row.areaId, [...(byArea.get(row.areaId) ?? []), row]);
  return jobRecord(
    job,
    (job.ownAreas ?? []).map((a) => areaRecord(a, byArea.get(a.id) ?? [])),
  );
}

/** How many repairs of each job are issued, begun and done: one that was issued again counts by what is furthest. */
async function issuedCounts(db: Db, firmId: string): Promise<ReadonlyMap<string, Pick<JobSummary, 'issued' | 'begun' | 'done'>>> {
  const repair = db
    .select({
      jobId: issuedPlans.jobId,
      far: sql<number>`max(case ${issuedPlans.state} when 'done' then 3 when 'begun' then 2 else 1 end)`.as('far'),
    })
    .from(issuedPlans)
    .innerJoin(defects, and(eq(defects.id, issuedPlans.defectId), eq(defects.firmId, firmId), isNull(defects.deletedAt)))
    .innerJoin(areas, and(eq(areas.id, defects.areaId), eq(areas.firmId, firmId), isNull(areas.deletedAt)))
    .where(and(eq(issuedPlans.firmId, firmId), isNull(issuedPlans.deletedAt)))
    .groupBy(issuedPlans.jobId, issuedPlans.defectId)
    .as('repair');
  const that = (far: number) => sql<number>`(count(*) filter (where ${repair.far} = ${far}))::int`;
  const rows = await db
    .select({ jobId: repair.jobId, issued: that(1), begun: that(2), done: that(3) })
    .from(repair)
    .groupBy(repair.jobId);
  return new Map(rows.map(({ jobId, ...counts }) => [jobId, counts]));
}

/** The jobs of a firm with their counts. */
export async function listJobs(db: Db, { firmId }: Scope): Promise<JobSummary[]> {
  const rows = await db
    .select({
      id: jobs.id,
      version: jobs.version,
      site: jobs.site,
      client: jobs.client,
      timeZone: jobs.timeZone,
      startAt: jobs.startAt,
      archived: jobs.archived,
      areas: sql<number>`count(distinct ${areas.id})::int`,
      defects: sql<number>`count(distinct ${defects.id})::int`,
      chosen: sql<number>`count(distinct ${defects.id}) filter (where ${defects.choice} is not null)::int`,
    })
    .from(jobs)
    .leftJoin(areas, and(eq(areas.jobId, jobs.id), eq(areas.firmId, firmId), isNull(areas.deletedAt)))
    .leftJoin(defects, and(eq(defects.areaId, areas.id), eq(defects.firmId, firmId), isNull(defects.deletedAt)))
    .where(and(eq(jobs.firmId, firmId), isNull(jobs.deletedAt)))
    .groupBy(jobs.firmId, jobs.id)
    .orderBy(asc(jobs.startAt), asc(jobs.site));
  const [out, open] = [await issuedCounts(db, firmId), await openOffers(db, firmId)];
  return rows.map(({ archived, ...row }) => {
    const offered = open.get(row.id);
    const issued = out.get(row.id) ?? { issued: 0, begun: 0, done: 0 };
    return { ...row, ...(archived && { archived }), ...issued, ...(offered !== undefined && { offered }) };
  });
}

/** One record as the wire shows it, deleted or not. */
export async function readOne(db: Db, { firmId }: Scope, entity: Entity, id: string): Promise<AnyRecord | undefined> {
  switch (entity) {
    case 'photo':
      return readPhotoRow(db, firmId, id);
    case 'plan':
      return readIssuedRow(db, firmId, id);
    case 'days':
      return readKeptDaysRow(db, firmId, id);
    case 'offer':
      return readOfferRow(db, firmId, id);
    case 'product':
      return readProductRow(db, firmId, id);
    case 'stock':
      return readStockRow(db, firmId, id);
    case 'job':
    case 'area':
    case 'defect': {
      const table = tables[entity];
      const [row] = await db
        .select()
        .from(table)
        .where(and(eq(table.firmId, firmId), eq(table.id, id)));
      return row && recordOf(entity, row);
    }
  }
}

/** Whether a record is there for the firm and not deleted. */
export async function isThere(db: Db, { firmId }: Scope, entity: Entity, id: string): Promise<boolean> {
  const table = tables[entity];
  const [row] = await db
    .select({ n: count() })
    .from(table)
    .where(and(eq(table.firmId, firmId), eq(table.id, id), isNull(table.deletedAt)));
  return (row?.n ?? 0) > 0;
}

/** Notes a change: new, the same one again, or an id that was used for something else. */
export async function noteChange(
  tx: Transaction,
  scope: Scope,
  id: string,
  entity: Entity | 'person' | 'firm',
  entityId: string,
  action: string,
): Promise<'new' | 'repeated' | 'other'> {
  const rows = await tx
    .insert(changes)
    .values({ firmId: scope.firmId, id, accountId: scope.accountId, at: scope.at, entity, entityId, action })
    .onConflictDoNothing()
    .returning({ id: changes.id });
  if (rows.length > 0) return 'new';
  const [known] = await tx
    .select()
    .from(changes)
    .where(and(eq(changes.firmId, scope.firmId), eq(changes.id, id)));
  return known?.entity === entity && known.entityId === entityId && known.action === action ? 'repeated' : 'other';
}

/** The record that a change made, where it was made before. */
export async function changedRecord(db: Db, { firmId }: Scope, id: string, entity: Entity): Promise<string | undefined> {
  const [known] = await db
    .select({ entityId: changes.entityId })
    .from(changes)
    .where(and(eq(changes.firmId, firmId), eq(changes.id, id), eq(changes.entity, entity), eq(changes.action, 'create')));
  return known?.entityId;
}

/**
 * Inserts many rows in one statement, and notes each as a change but that of a job, which its own change notes.
 * @param rows JSON text of them, by the names of the columns
 */
export async function insertRows(tx: Transaction, { accountId, at }: Scope, entity: 'job' | 'area' | 'defect', rows: string): Promise<void> {
  const table = tables[entity];
  const columns = sql.join(
    columnsOf(entity).map(([, name]) => sql.identifier(name)),
    sql`, `,
  );
  const told = sql`jsonb_populate_recordset(null::${table}, ${rows}::jsonb)`;
  await tx.execute(sql`insert into ${table} (${columns}) select ${columns} from ${told}`);
  if (entity !== 'job')
    await tx.execute(
      sql`insert into ${changes} (firm_id, id, account_id, at, entity, entity_id, action) select firm_id, gen_random_uuid(), ${accountId}::uuid, ${at}::timestamptz, ${entity}, id, 'create' from ${told}`,
    );
}

/** Inserts a row; false where the id is taken. */
export async function insertRow<E extends Entity>(tx: Transaction, entity: E, values: (typeof tables)[E]['$inferInsert']): Promise<boolean> {
  const table: (typeof tables)[Entity] = tables[entity];
  const rows = await tx
    .insert(table)
    .values(values as never)
    .onConflictDoNothing()
    .returning({ id: table.id });
  return rows.length > 0;
}

/**
 * Changes a row of a version.
 * @param deleted whether it may be one that is deleted
 * @returns its record as it is then; undefined where that version is not the current one
 */
export async function updateRow(
  tx: Transaction,
  scope: Scope,
  entity: Entity,
  id: string,
  { version, deleted }: { readonly version: number; readonly deleted: boolean },
  values: Readonly<Record<string, unknown>>,
): Promise<AnyRecord | undefined> {
  const table = tables[entity];
  const change = tx
    .update(table)
    .set({ ...values, version: sql`${table.version} + 1` })
    .where(and(eq(table.firmId, scope.firmId), eq(table.id, id), eq(table.version, version), deleted ? undefined : isNull(table.deletedAt)));
  if (entity === 'job' || entity === 'area' || entity === 'defect') {
    const [row] = await change.returning();
    return row && recordOf(entity, row as AnyRow);
  }
  // the rest hold what is large and not in their records
  const [row] = await change.returning({ id: table.id });
  return row && readOne(tx, scope, entity, id);
}
