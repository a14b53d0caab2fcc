import type { ProblemDocument } from '@oddment/contracts';
import { del, get } from 'idb-keyval';
import { v4 as uuid } from 'uuid';
import type { ShrinkAnswer, ShrinkTask } from '../workers/shrunk.ts';
import { api, type PhotosOf } from './api.ts';
import { ended } from './link.ts';
import { entryOf, keepEntries, type Entry } from './outbox.ts';
import { photosSlice, type PhotosState, type WaitingPhoto } from './photoQueue.ts';
import { ask, headersOf, picturePatienceMs } from './requests.ts';
import type { store as appStore } from './store.ts';

type Store = typeof appStore;

const { resumed, put, moved, arrived } = photosSlice.actions;
const retryMs = 5000;

// as long as the page is open a photo is sent from here: a browser that keeps nothing loses none
const pictures = new Map<string, Blob>();

const accountOf = (store: Store) => store.getState().drafts.account;

/** The picture of a photo that has not arrived yet. */
export async function waitingPicture(store: Store, id: string): Promise<Blob | undefined> {
  const here = pictures.get(id);
  const account = accountOf(store);
  if (here || account === undefined) return here;
  return (await entryOf(account, { kind: 'picture', key: id }).catch(() => undefined)) as Blob | undefined;
}

const notKept = 'Not kept in this browser, its storage is full or refused: leave this page open until it has arrived.';

/** Keeps a photo as it stands; where the browser refuses that, it says so on the photo. */
async function keep(store: Store, id: string, picture?: Blob): Promise<void> {
  const [photo, account] = [store.getState().photos[id], accountOf(store)];
  if (!photo || account === undefined) return;
  const entries: Entry[] = [{ kind: 'photo', key: id, value: photo }, ...(picture ? [{ kind: 'picture' as const, key: id, value: picture }] : [])];
  await keepEntries(account, entries).catch(() => {
    store.dispatch(moved({ id, message: notKept }));
  });
}

async function forget(store: Store, id: string): Promise<void> {
  const account = accountOf(store);
  store.dispatch(arrived(id));
  pictures.delete(id);
  if (account === undefined) return;
  await keepEntries(
    account,
    [],
    [
      { kind: 'photo', key: id },
      { kind: 'picture', key: id },
    ],
  ).catch(() => undefined);
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

async function send(store: Store, photo: WaitingPhoto, jpeg: Blob): Promise<Pick<WaitingPhoto, 'state' | 'message'> | undefined> {
  const { id, change, caption, takenAt, position } = photo;
  let response: Response;
  try {
    const said = { ...(caption !== undefined && { caption }), ...(takenAt !== undefined && { takenAt }), ...(position && { position }) };
    const body = JSON.stringify({ id, change, jpeg: await base64(jpeg), ...said });
    const of = photo.areaId === undefined ? `defects/${photo.defectId ?? ''}` : `areas/${photo.areaId}`;
    response = await ask(`${of}/photos`, { method: 'POST', headers: headersOf(store.getState().drafts), body }, picturePatienceMs);
  } catch {
    return { state: 'offline', message: 'Kept here, the server does not answer.' };
  }
  if (response.ok) return undefined;
  if (response.status === 401) store.dispatch(ended());
  // a defect or area that is not saved itself yet is not there yet: the photo waits for it
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
    const jpeg = await waitingPicture(store, photo.id);
    if (!jpeg) {
      store.dispatch(moved({ id: photo.id, state: 'refused', message: 'Its picture is no longer in this browser, and never arrived. Take it again.' }));
      await keep(store, photo.id);
      continue;
    }
    store.dispatch(moved({ id: photo.id, state: 'sending' }));
    const stuck = await send(store, photo, jpeg);
    if (stuck) {
      store.dispatch(moved({ id: photo.id, ...stuck }));
      await keep(store, photo.id);
      again ||= stuck.state === 'offline';
      continue;
    }
    store.dispatch(api.util.invalidateTags(['photos']));
    await forget(store, photo.id);
  }
  running = false;
  if (again)
    setTimeout(() => {
      void sendAll(store);
    }, retryMs);
  else if (Object.values(store.getState().photos).some((p) => p.state === 'waiting')) void sendAll(store);
}

/** Takes files in as photos of a defect, or plans of an area: made smaller, kept in the browser, then sent. */
export async function takeIn(store: Store, of: PhotosOf, files: readonly File[], keepPosition: boolean, caption?: string): Promise<void> {
  for (const file of files) {
    const photo: WaitingPhoto = {
      id: uuid(),
      change: uuid(),
      ...(of.entity === 'area' ? { areaId: of.id } : { defectId: of.id }),
      name: file.name,
      givenBytes: file.size,
      state: 'shrinking',
      ...(caption !== undefined && { caption }),
    };
    store.dispatch(put(photo));
    const answer = await shrunk({ file, keepPosition });
    if (!answer.ok) {
      store.dispatch(moved({ id: photo.id, state: 'refused', message: answer.why }));
      continue;
    }
    const { jpeg, takenAt, position } = answer.photo;
    pictures.set(photo.id, jpeg);
    store.dispatch(moved({ id: photo.id, state: 'waiting', bytes: jpeg.size, ...(takenAt !== undefined && { takenAt }), ...(position && { position }) }));
    await keep(store, photo.id, jpeg);
    void sendAll(store);
  }
}

/** Lets a photo go that was refused. */
export const letGo = forget;

/** Photos as they lay in one list once, whoever took them. */
async function formerPhotos(account: string): Promise<readonly WaitingPhoto[]> {
  const former = Object.values((await get<PhotosState>('oddment-photos').catch(() => undefined)) ?? {});
  for (const photo of former) {
    const key = `oddment-photo-${photo.id}`;
    const picture = await get<Blob>(key);
    await keepEntries(account, [
      { kind: 'photo', key: photo.id, value: photo },
      ...(picture ? [{ kind: 'picture' as const, key: photo.id, value: picture }] : []),
    ]);
    await del(key);
  }
  await del('oddment-photos');
  return former;
}

/**
 * Goes on with the photos of an earlier visit, or of a page that is gone, that have not arrived.
 * @param left as they were taken over
 */
export async function resumePhotos(store: Store, account: string, left: readonly Entry[]): Promise<void> {
  const former = await formerPhotos(account).catch(() => []);
  const known = store.getState().photos;
  const found = [...former, ...left.map((e) => e.value as WaitingPhoto)].filter((p) => !(p.id in known));
  // one that was still being made smaller is gone with its page
  const rest = found.filter((p) => p.bytes !== undefined).map((p): WaitingPhoto => (p.state === 'refused' ? p : { ...p, state: 'waiting' }));
  if (rest.length === 0) return;
  store.dispatch(resumed({ ...known, ...Object.fromEntries(rest.map((p) => [p.id, p])) }));
  void sendAll(store);
}
