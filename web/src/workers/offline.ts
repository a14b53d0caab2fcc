import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** every file of the built page, put in when it is built; a revision where the name does not change with the content */
declare const pageFiles: readonly { readonly url: string; readonly revision: string | null }[];
declare const self: EventTarget & { readonly skipWaiting: () => Promise<void> };

// a version of the page is kept whole, all its stages and their scripts, whether they were opened or not
precacheAndRoute([...pageFiles]);
cleanupOutdatedCaches();
// every address of the page is the page; what the server says is never answered from here
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//, /^\/healthz/] }));

// a newer version waits until the person takes it
self.addEventListener('message', (event) => {
  if ((event as MessageEvent<{ type?: string } | undefined>).data?.type === 'SKIP_WAITING') void self.skipWaiting();
});
