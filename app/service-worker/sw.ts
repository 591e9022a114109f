import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';

/**
 * What is held on a device so that the application opens without the network: its scripts and fonts, the library, the page
 * itself, and each garden as it was last seen. Whatever can be asked for is asked for first; only what never changes (its
 * address holds its digest) comes from the device at once.
 */
declare const self: {
  __WB_MANIFEST: (PrecacheEntry | string)[];
  skipWaiting(): Promise<void>;
  addEventListener(type: 'activate', listener: (event: { waitUntil(work: Promise<unknown>): void }) => void): void;
  clients: { claim(): Promise<void> };
};

/** Seconds after which a network that does not answer is taken for none. */
const PATIENCE_S = 4;

void self.skipWaiting();
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();

// Every view is the same page: the last one that came stands for all of them.
registerRoute(
  ({ request }) => request.mode === 'navigate',
  new NetworkFirst({
    cacheName: 'page',
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [{ cacheKeyWillBeUsed: () => Promise.resolve(new URL('/', location.href).href) }],
  }),
);
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && /^\/api\/library\/[0-9a-f]+\//.test(url.pathname),
  new CacheFirst({ cacheName: 'library', plugins: [new ExpirationPlugin({ maxEntries: 8 })] }),
);
// The log is remembered by the page itself (rememberedLog). Weather of another day is better than none.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && /^\/api\/gardens(\/[^/]+)?(\/weather)?$/.test(url.pathname),
  new NetworkFirst({
    cacheName: 'gardens',
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      { cacheKeyWillBeUsed: ({ request }) => Promise.resolve(request.url.split('?')[0]!) },
      new ExpirationPlugin({ maxEntries: 120 }),
    ],
  }),
);
