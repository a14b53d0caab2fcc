import { and, eq, gte, isNull, sql } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import type { Scope } from './jobStore.ts';
import { areas, defects } from './schema.ts';

type Db = Database | Transaction;

/** The next free place at the end of a list. */
export async function nextPosition(tx: Transaction, { firmId }: Scope, entity: 'area' | 'defect', parentId: string): Promise<number> {
  const [row] =
    entity === 'area'
      ? await tx
          .select({ n: sql<number>`coalesce(max(${areas.position}), 0) + 1` })
          .from(areas)
          .where(and(eq(areas.firmId, firmId), eq(areas.jobId, parentId)))
      : await tx
          .select({ n: sql<number>`coalesce(max(${defects.position}), 0) + 1` })
          .from(defects)
          .where(and(eq(defects.firmId, firmId), eq(defects.areaId, parentId)));
  return Number(row?.n ?? 1);
}

/** The job and the area that a defect stands in. */
export async function placeOfDefect(db: Db, { firmId }: Scope, defectId: string): Promise<{ jobId: string; areaId: string } | undefined> {
  const [row] = await db
    .select({ jobId: areas.jobId, areaId: areas.id })
    .from(defects)
    .innerJoin(areas, and(eq(areas.id, defects.areaId), eq(areas.firmId, firmId)))
    .where(and(eq(defects.firmId, firmId), eq(defects.id, defectId), isNull(defects.deletedAt), isNull(areas.deletedAt)));
  return row;
}

/** The name of an area, deleted or not. */
export async function areaName(db: Db, { firmId }: Scope, id: string): Promise<string | undefined> {
  const [row] = await db
    .select({ name: areas.name })
    .from(areas)
    .where(and(eq(areas.firmId, firmId), eq(areas.id, id)));
  return row?.name;
}

/** The name of an area where it is one of a job and not deleted. */
export async function areaOfJob(db: Db, { firmId }: Scope, jobId: string, id: string): Promise<string | undefined> {
  const [row] = await db
    .select({ name: areas.name })
    .from(areas)
    .where(and(eq(areas.firmId, firmId), eq(areas.id, id), eq(areas.jobId, jobId), isNull(areas.deletedAt)));
  return row?.name;
}

/** Makes room before a defect of an area: those from it on stand one place further. Nothing where it is not there. */
export async function roomBefore(tx: Transaction, { firmId }: Scope, areaId: string, before: string): Promise<number | undefined> {
  const inArea = and(eq(defects.firmId, firmId), eq(defects.areaId, areaId));
  // each gets a place of its own first: what came with a job file may share one
  await tx.execute(sql`
    update ${defects} set position = ordered.n from (
      select id, row_number() over (order by position, created_at, id) as n from ${defects} where firm_id = ${firmId}::uuid and area_id = ${areaId}::uuid
    ) ordered where ${defects.id} = ordered.id and ${defects.firmId} = ${firmId}::uuid and ${defects.position} <> ordered.n`);
  const [row] = await tx
    .select({ position: defects.position })
    .from(defects)
    .where(and(inArea, eq(defects.id, before), isNull(defects.deletedAt)));
  if (!row) return undefined;
  await tx
    .update(defects)
    .set({ position: sql`${defects.position} + 1` })
    .where(and(inArea, gte(defects.position, row.position)));
  return row.position;
}
