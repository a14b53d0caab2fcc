import type { Workbox } from 'workbox-window';
import { newerFound } from './link.ts';
import { store } from './store.ts';

let worker: Workbox | undefined;

/**
 * Lets the browser keep the page whole, so that it opens without a server. A newer version waits until the person
 * takes it: nothing changes under their hands.
 */
export function registerOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  void import('workbox-window').then(async ({ Workbox: Worker }) => {
    worker = new Worker('/sw.js');
    worker.addEventListener('waiting', () => {
      store.dispatch(newerFound());
    });
    await worker.register().catch(() => undefined);
  });
}

/** Takes the newer version: the page is loaded again, and goes on with everything that is kept. */
export function takeNewer(): void {
  worker?.addEventListener('controlling', () => {
    globalThis.location.reload();
  });
  worker?.messageSkipWaiting();
}
