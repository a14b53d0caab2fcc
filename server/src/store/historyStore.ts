import type { BinEntry, ChangedBy, ChangeRecord } from '@oddment/contracts';
import type { FieldDiff } from '@oddment/core';
import { and, desc, eq, ne, sql, type SQL } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import type { Scope } from './jobStore.ts';
import { accounts, changes } from './schema.ts';

type Db = Database | Transaction;

/** Keeps with a change what it changed. */
export async function keepWhat(
  tx: Transaction,
  { firmId }: Scope,
  change: string,
  what: { readonly kind?: string; readonly fields: FieldDiff },
): Promise<void> {
  await tx
    .update(changes)
    .set({ what })
    .where(and(eq(changes.firmId, firmId), eq(changes.id, change)));
}

/** Who changed a record last, but for one change that is just being tried. */
export async function lastChange(tx: Transaction, { firmId }: Scope, entityId: string, besides: string): Promise<ChangedBy | undefined> {
  const [row] = await tx
    .select({ name: accounts.name, at: changes.at })
    .from(changes)
    .innerJoin(accounts, eq(accounts.id, changes.accountId))
    .where(and(eq(changes.firmId, firmId), eq(changes.entityId, entityId), ne(changes.id, besides)))
    .orderBy(desc(changes.turn))
    .limit(1);
  return row && { name: row.name, at: new Date(row.at).toISOString() };
}

/** Everything of a job with what it is called, deleted or not. */
const ofJob = (firmId: string, jobId: string): SQL => sql`
  select id, site as mark from jobs where firm_id = ${firmId}::uuid and id = ${jobId}::uuid
  union all select id, name from areas where firm_id = ${firmId}::uuid and job_id = ${jobId}::uuid
  union all select d.id, d.mark from defects d join areas a on a.firm_id = d.firm_id and a.id = d.area_id where a.firm_id = ${firmId}::uuid and a.job_id = ${jobId}::uuid
  union all select p.id, d.mark || case when p.caption = '' then '' else ', ' || p.caption end from photos p
    join defects d on d.firm_id = p.firm_id and d.id = p.defect_id join areas a on a.firm_id = d.firm_id and a.id = d.area_id
    where a.firm_id = ${firmId}::uuid and a.job_id = ${jobId}::uuid
  union all select p.id, a.name || case when p.caption = '' then '' else ', ' || p.caption end from photos p
    join areas a on a.firm_id = p.firm_id and a.id = p.area_id where a.firm_id = ${firmId}::uuid and a.job_id = ${jobId}::uuid
  union all select id, mark from issued_plans where firm_id = ${firmId}::uuid and job_id = ${jobId}::uuid
  union all select id, '' from kept_days where firm_id = ${firmId}::uuid and job_id = ${jobId}::uuid
  union all select id, number from offers where firm_id = ${firmId}::uuid and job_id = ${jobId}::uuid`;

export interface ChangesAsked {
  /** one record of the job alone */
  readonly of?: string;
  readonly before?: number;
  readonly most: number;
}

interface ChangeRow extends Omit<ChangeRecord, 'kind' | 'fields'> {
  readonly what: { readonly kind?: string; readonly fields: FieldDiff } | null;
}

/** The changes of a job, newest first. */
export async function listChanges(db: Db, { firmId }: Scope, jobId: string, { of, before, most }: ChangesAsked): Promise<ChangeRecord[]> {
  const { rows } = await db.execute(sql`
    with own as (${ofJob(firmId, jobId)})
    select c.turn::int as turn, c.at, coalesce(acc.name, '') as name, c.entity, c.entity_id as id, own.mark, c.action, c.what
    from changes c join own on own.id = c.entity_id left join accounts acc on acc.id = c.account_id
    where c.firm_id = ${firmId}::uuid and c.entity not in ('person', 'firm')
      ${of === undefined ? sql`` : sql`and c.entity_id = ${of}::uuid`}
      ${before === undefined ? sql`` : sql`and c.turn < ${before}`}
    order by c.turn desc limit ${most}`);
  return (rows as unknown as ChangeRow[]).map(({ what, at, ...row }) => ({
    ...row,
    at: new Date(at).toISOString(),
    ...(what && { fields: what.fields, ...(what.kind !== undefined && { kind: what.kind }) }),
  }));
}

/** What was deleted since a moment, latest first. */
export async function listBin(db: Db, { firmId }: Scope, since: string): Promise<BinEntry[]> {
  const gone = (table: string) => sql`${sql.identifier(table)}.firm_id = ${firmId}::uuid and ${sql.identifier(table)}.deleted_at >= ${since}::timestamptz`;
  const { rows } = await db.execute(sql`
    with gone as (
      select 'job' as entity, id, version, site as mark, client as within, deleted_at from jobs where ${gone('jobs')}
      union all select 'area', areas.id, areas.version, areas.name, jobs.site, areas.deleted_at from areas join jobs on jobs.id = areas.job_id where ${gone('areas')}
      union all select 'defect', defects.id, defects.version, defects.mark, jobs.site || ', ' || areas.name, defects.deleted_at
        from defects join areas on areas.id = defects.area_id join jobs on jobs.id = areas.job_id where ${gone('defects')}
      union all select 'photo', photos.id, photos.version, photos.caption, jobs.site || ', ' || defects.mark, photos.deleted_at
        from photos join defects on defects.id = photos.defect_id join areas on areas.id = defects.area_id join jobs on jobs.id = areas.job_id where ${gone('photos')}
      union all select 'photo', photos.id, photos.version, photos.caption, jobs.site || ', ' || areas.name, photos.deleted_at
        from photos join areas on areas.id = photos.area_id join jobs on jobs.id = areas.job_id where ${gone('photos')}
      union all select 'plan', issued_plans.id, issued_plans.version, issued_plans.mark, jobs.site, issued_plans.deleted_at
        from issued_plans join jobs on jobs.id = issued_plans.job_id where ${gone('issued_plans')}
      union all select 'days', kept_days.id, kept_days.version, '', jobs.site, kept_days.deleted_at from kept_days join jobs on jobs.id = kept_days.job_id where ${gone('kept_days')}
      union all select 'offer', offers.id, offers.version, offers.number, jobs.site, offers.deleted_at from offers join jobs on jobs.id = offers.job_id where ${gone('offers')}
      union all select 'product', id, version, product ->> 'title', '', deleted_at from products where ${gone('products')}
      union all select 'stock', id, version, coalesce(pack ->> 'lot', ''), '', deleted_at from stock where ${gone('stock')}
    )
    select gone.entity, gone.id, gone.version, gone.mark, gone.within, gone.deleted_at as at,
      coalesce((select acc.name from changes c join accounts acc on acc.id = c.account_id
        where c.firm_id = ${firmId}::uuid and c.entity_id = gone.id and c.action = 'delete' order by c.turn desc limit 1), '') as name
    from gone order by gone.deleted_at desc, gone.id limit 500`);
  return (rows as unknown as BinEntry[]).map((row) => ({ ...row, at: new Date(row.at).toISOString() }));
}

/** Lets go of the pictures of photos that were deleted before a moment: nobody can bring them back any more. */
export async function purgePictures(db: Db, before: string): Promise<void> {
  await db.execute(sql`update photos set jpeg = ''::bytea where deleted_at < ${before}::timestamptz and length(jpeg) > 0`);
}
