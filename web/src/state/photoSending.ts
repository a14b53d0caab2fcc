import type { ProblemDocument } from '@oddment/contracts';
import { del, get, set } from 'idb-keyval';
import { v4 as uuid } from 'uuid';
import type { ShrinkAnswer, ShrinkTask } from '../workers/shrunk.ts';
import { api } from './api.ts';
import { photosSlice, type PhotosState, type WaitingPhoto } from './photoQueue.ts';
import type { store as appStore } from './store.ts';

type Store = typeof appStore;

const { resumed, put, moved, arrived } = photosSlice.actions;
const listKey = 'oddment-photos';
const pictureKey = (id: string) => `oddment-photo-${id}`;
const retryMs = 5000;

/** The picture of a photo that has not arrived yet. */
export const waitingPicture = (id: string) => get<Blob>(pictureKey(id));

async function keepList(store: Store): Promise<void> {
  await set(listKey, store.getState().photos).catch(() => undefined);
}

/** Makes a file smaller in a worker of its own, which is ended afterwards. */
function shrunk(task: ShrinkTask): Promise<ShrinkAnswer> {
  return new Promise((done) => {
    const worker = new Worker(new URL('../workers/shrinkPhoto.ts', import.meta.url), { type: 'module' });
    const end = (answer: ShrinkAnswer) => {
      worker.terminate();
      done(answer);
    };
    worker.addEventListener('message', (event: MessageEvent<ShrinkAnswer>) => {
      end(event.data);
    });
    worker.addEventListener('error', () => {
      end({ ok: false, why: 'The picture could not be made smaller here.' });
    });
    worker.postMessage(task);
  });
}

async function base64(blob: Blob): Promise<string> {
  const url = await new Promise<string>((done, failed) => {
    const reader = new FileReader();
    reader.addEventListener('load', () => {
      done(reader.result as string);
    });
    reader.addEventListener('error', () => {
      failed(new Error('the picture cannot be read'));
    });
    reader.readAsDataURL(blob);
  });
  return url.slice(url.indexOf(',') + 1);
}

async function send(photo: WaitingPhoto, jpeg: Blob): Promise<Pick<WaitingPhoto, 'state' | 'message'> | undefined> {
  const { id, change, takenAt, position } = photo;
  let response: Response;
  try {
    response = await fetch(`/api/defects/${photo.defectId}/photos`, {
      method: 'POST',
      credentials: 'same-origin',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id, change, jpeg: await base64(jpeg), ...(takenAt !== undefined && { takenAt }), ...(position && { position }) }),
    });
  } catch {
    return { state: 'offline', message: 'Kept here, the server does not answer.' };
  }
  if (response.ok) return undefined;
  // a defect that is not saved itself yet is not there yet: the photo waits for it
  if (response.status >= 500 || response.status === 401 || response.status === 404)
    return { state: 'offline', message: 'Kept here, the server cannot take it now.' };
  const problem = (await response.json().catch(() => undefined)) as ProblemDocument | undefined;
  return { state: 'refused', message: problem?.problems?.[0]?.message ?? problem?.detail ?? 'The server refused it.' };
}

let running = false;

/** Sends what waits, one after the other, and tries again while the server is away. */
async function sendAll(store: Store): Promise<void> {
  if (running) return;
  running = true;
  let again = false;
  for (const photo of Object.values(store.getState().photos)) {
    if (photo.state !== 'waiting' && photo.state !== 'offline') continue;
    const jpeg = await waitingPicture(photo.id).catch(() => undefined);
    if (!jpeg) {
      store.dispatch(arrived(photo.id));
      continue;
    }
    store.dispatch(moved({ id: photo.id, state: 'sending' }));
    const stuck = await send(photo, jpeg);
    if (stuck) {
      store.dispatch(moved({ id: photo.id, ...stuck }));
      again ||= stuck.state === 'offline';
      continue;
    }
    store.dispatch(api.util.invalidateTags(['photos']));
    store.dispatch(arrived(photo.id));
    await keepList(store);
    await del(pictureKey(photo.id)).catch(() => undefined);
  }
  running = false;
  await keepList(store);
  if (again)
    setTimeout(() => {
      void sendAll(store);
    }, retryMs);
  else if (Object.values(store.getState().photos).some((p) => p.state === 'waiting')) void sendAll(store);
}

/** Takes files in as photos of a defect: made smaller, kept in the browser, then sent. */
export async function takeIn(store: Store, defectId: string, files: readonly File[], keepPosition: boolean): Promise<void> {
  for (const file of files) {
    const photo: WaitingPhoto = { id: uuid(), change: uuid(), defectId, name: file.name, givenBytes: file.size, state: 'shrinking' };
    store.dispatch(put(photo));
    const answer = await shrunk({ file, keepPosition });
    if (!answer.ok) {
      store.dispatch(moved({ id: photo.id, state: 'refused', message: answer.why }));
      continue;
    }
    const { jpeg, takenAt, position } = answer.photo;
    await set(pictureKey(photo.id), jpeg).catch(() => undefined);
    store.dispatch(moved({ id: photo.id, state: 'waiting', bytes: jpeg.size, ...(takenAt !== undefined && { takenAt }), ...(position && { position }) }));
    await keepList(store);
    void sendAll(store);
  }
}

/** Lets a photo go that was refused. */
export async function letGo(store: Store, id: string): Promise<void> {
  store.dispatch(arrived(id));
  await keepList(store);
  await del(pictureKey(id)).catch(() => undefined);
}

/** Goes on with the photos of an earlier visit that have not arrived. */
export async function resumePhotos(store: Store): Promise<void> {
  const kept = await get<PhotosState>(listKey).catch(() => undefined);
  // one that was still being made smaller is gone with its page
  const rest = Object.values(kept ?? {})
    .filter((p) => p.bytes !== undefined)
    .map((p): WaitingPhoto => (p.state === 'refused' ? p : { ...p, state: 'waiting' }));
  if (rest.length === 0) return;
  store.dispatch(resumed(Object.fromEntries(rest.map((p) => [p.id, p]))));
  void sendAll(store);
}
