import type { PhotoRecord } from '@oddment/contracts';
import type { Area } from '@oddment/core';
import { and, asc, count, eq, gt, inArray, isNull, sql } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { changes, photos } from './schema.ts';

type Db = Database | Transaction;

// without the picture itself: a list of photos stays small
const shape = {
  id: photos.id,
  version: photos.version,
  defectId: photos.defectId,
  areaId: photos.areaId,
  bytes: photos.bytes,
  widthPx: photos.widthPx,
  heightPx: photos.heightPx,
  caption: photos.caption,
  takenAt: photos.takenAt,
  position: photos.position,
  by: photos.by,
  at: photos.createdAt,
};

type Row = Omit<PhotoRecord, 'takenAt' | 'position' | 'defectId' | 'areaId'> & {
  readonly defectId: string | null;
  readonly areaId: string | null;
  readonly takenAt: string | null;
  readonly position: PhotoRecord['position'] | null;
};

function photoRecord({ defectId, areaId, takenAt, position, at, ...rest }: Row): PhotoRecord {
  return {
    ...rest,
    at: new Date(at).toISOString(),
    ...(defectId !== null && { defectId }),
    ...(areaId !== null && { areaId }),
    ...(takenAt !== null && { takenAt }),
    ...(position && { position }),
  };
}

/** What photos are of. */
export interface PhotosOf {
  readonly entity: 'defect' | 'area';
  readonly id: string;
}

const areOf = (firmId: string, { entity, id }: PhotosOf) =>
  and(eq(photos.firmId, firmId), eq(entity === 'area' ? photos.areaId : photos.defectId, id), isNull(photos.deletedAt));

/** A photo without its picture, deleted or not. */
export async function readPhotoRow(db: Db, firmId: string, id: string): Promise<PhotoRecord | undefined> {
  const [row] = await db
    .select(shape)
    .from(photos)
    .where(and(eq(photos.firmId, firmId), eq(photos.id, id)));
  return row && photoRecord(row);
}

/** The photos of a defect or an area, in the order in which they were added. */
export async function listPhotos(db: Db, firmId: string, of: PhotosOf): Promise<PhotoRecord[]> {
  const rows = await db.select(shape).from(photos).where(areOf(firmId, of)).orderBy(asc(photos.createdAt), asc(photos.id));
  return rows.map(photoRecord);
}

export async function photoCount(db: Db, firmId: string, of: PhotosOf): Promise<number> {
  const [row] = await db.select({ n: count() }).from(photos).where(areOf(firmId, of));
  return row?.n ?? 0;
}

/** Bytes of the photos that an account added since a moment, those deleted by now too. */
export async function bytesAdded(db: Db, firmId: string, accountId: string, since: string): Promise<number> {
  const [row] = await db
    .select({ n: sql<number>`coalesce(sum(${photos.bytes}), 0)::float8` })
    .from(photos)
    .innerJoin(changes, and(eq(changes.firmId, photos.firmId), eq(changes.entityId, photos.id), eq(changes.action, 'create')))
    .where(and(eq(photos.firmId, firmId), eq(changes.accountId, accountId), gt(photos.createdAt, since)));
  return row?.n ?? 0;
}

/** The plans of areas on which some of their defects lie, with their pictures. */
export async function picturesWithMarks(db: Db, firmId: string, areas: readonly Area[]) {
  const marked = areas.flatMap((a) => a.defects.flatMap((d) => (d.spot ? [d.spot.photo] : [])));
  if (marked.length === 0) return [];
  const rows = await db
    .select({ id: photos.id, areaId: photos.areaId, caption: photos.caption, jpeg: photos.jpeg, widthPx: photos.widthPx, heightPx: photos.heightPx })
    .from(photos)
    .where(and(eq(photos.firmId, firmId), inArray(photos.id, [...new Set(marked)]), isNull(photos.deletedAt)))
    .orderBy(asc(photos.createdAt), asc(photos.id));
  return rows.flatMap(({ areaId, ...row }) => (areaId === null ? [] : [{ ...row, areaId }]));
}

/** The picture of a photo that is not deleted. */
export async function readPicture(db: Db, firmId: string, id: string): Promise<Buffer | undefined> {
  const [row] = await db
    .select({ jpeg: photos.jpeg })
    .from(photos)
    .where(and(eq(photos.firmId, firmId), eq(photos.id, id), isNull(photos.deletedAt)));
  return row?.jpeg;
}
