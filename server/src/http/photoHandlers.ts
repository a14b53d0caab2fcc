import { ChangePhotoBody, NewPhotoBody, VersionBody } from '@oddment/contracts';
import { notFound } from '../problem.ts';
import { addPhoto } from '../services/photoService.ts';
import { changeRecord } from '../services/recordService.ts';
import type { Database } from '../store/database.ts';
import { isThere } from '../store/jobStore.ts';
import { listPhotos, readPicture, type PhotosOf } from '../store/photoStore.ts';
import { madeStatus, type Call, type Handler } from './call.ts';

/** Photos of defects, and plans of areas. */
export function photoHandlers(db: Database) {
  const changed = async (
    { scope, id }: Call,
    body: { change: string; version: number },
    action: 'change' | 'delete' | 'restore',
    values: Readonly<Record<string, unknown>>,
  ) => (await changeRecord(db, scope, 'photo', id, body, action, values)).record;
  const list =
    (entity: PhotosOf['entity']) =>
    async ({ scope, id }: Call) => {
      if (!(await isThere(db, scope, entity, id))) throw notFound(`This ${entity}`);
      return listPhotos(db, scope.firmId, { entity, id });
    };
  const add = (entity: PhotosOf['entity']) => async (call: Call) =>
    madeStatus(call, await addPhoto(db, call.who, call.scope, { entity, id: call.id }, call.body(NewPhotoBody)));
  return {
    listPhotos: list('defect'),
    listAreaPhotos: list('area'),
    readPhoto: async ({ scope, id, res }: Call) => {
      const picture = await readPicture(db, scope.firmId, id);
      if (!picture) throw notFound('This photo');
      // a browser may keep it, and asks each time whether it is still there: one that is deleted is gone at once
      res.set('Cache-Control', 'private, no-cache').type('image/jpeg').send(picture);
    },
    addPhoto: add('defect'),
    addAreaPhoto: add('area'),
    changePhoto: (call: Call) => {
      const body = call.body(ChangePhotoBody);
      return changed(call, body, 'change', { caption: body.caption ?? '' });
    },
    deletePhoto: (call: Call) => changed(call, call.body(VersionBody), 'delete', { deletedAt: call.scope.at }),
    restorePhoto: (call: Call) => changed(call, call.body(VersionBody), 'restore', { deletedAt: null }),
  } satisfies Readonly<Record<string, Handler>>;
}
