import { photoLimits, type NewPhotoBody } from '@oddment/contracts';
import { imageSize } from 'image-size';
import { HttpProblem } from '../problem.ts';
import type { SignedIn } from '../store/accountStore.ts';
import type { Database } from '../store/database.ts';
import type { Scope } from '../store/jobStore.ts';
import { bytesAdded, photoCount, readPhotoRow, type PhotosOf } from '../store/photoStore.ts';
import { withoutMetadata } from './jpeg.ts';
import { createRecord, madeBefore, type Answer } from './recordService.ts';

function refused(message: string): HttpProblem {
  return new HttpProblem(422, message, { problems: [{ path: 'jpeg', message }] });
}

function sizeOf(jpeg: Buffer): { width: number; height: number; type?: string } {
  try {
    return imageSize(jpeg);
  } catch {
    throw refused('This is not a picture that can be read. Send a JPEG.');
  }
}

/**
 * Adds a photo to a defect, or a plan to an area. Only the picture is kept: what else the file says, where it was taken above
 * all, is thrown away unless it is sent as the position.
 * @throws HttpProblem 422 where it is no JPEG, is too large, or the defect or area has as many as it can
 */
export async function addPhoto(db: Database, { account }: SignedIn, scope: Scope, parent: PhotosOf, body: NewPhotoBody): Promise<Answer> {
  if (await readPhotoRow(db, scope.firmId, body.id)) return madeBefore(db, scope, 'photo', body, parent);
  const given = Buffer.from(body.jpeg, 'base64');
  const { width, height, type } = sizeOf(given);
  if (type !== 'jpg') throw refused(`This is ${type === undefined ? 'no picture' : `a ${type.toUpperCase()}`}. Send a JPEG.`);
  const most = photoLimits.keptSidePx;
  if (width > most || height > most)
    throw refused(`The picture is ${String(width)} by ${String(height)} pixels. It can have ${String(most)} a side at the most: make it smaller first.`);
  const jpeg = withoutMetadata(given);
  if (!jpeg) throw refused('The JPEG is cut off or damaged. Take it again.');
  const limit = parent.entity === 'area' ? photoLimits.perArea : photoLimits.perDefect;
  if ((await photoCount(db, scope.firmId, parent)) >= limit)
    throw refused(`This ${parent.entity} has ${String(limit)} ${parent.entity === 'area' ? 'plans' : 'photos'}, as many as it can. Delete one first.`);
  const dayAgo = new Date(Date.parse(scope.at) - 86_400_000).toISOString();
  if ((await bytesAdded(db, scope.firmId, scope.accountId, dayAgo)) + jpeg.length > photoLimits.perDayBytes)
    throw new HttpProblem(429, `You added ${String(photoLimits.perDayBytes / 1e6)} MB of photos within a day, as much as one person can. Go on tomorrow.`);
  const { caption = '', takenAt, position } = body;
  const values = {
    jpeg,
    bytes: jpeg.length,
    widthPx: width,
    heightPx: height,
    caption,
    takenAt: takenAt ?? null,
    position: position ? { latitudeDeg: position.latitudeDeg, longitudeDeg: position.longitudeDeg } : null,
    by: account.name,
  };
  return createRecord(db, scope, 'photo', body, values, parent);
}
