/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { isKept, KNOWN, KNOWN_AT } from './known';

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] };

/** s; who waits longer than that in a garden wants what was known last. */
const PATIENCE = 5;

/** Answers that are kept, the oldest of which goes first: what a garden of some hundred lots asks in a season. */
const MOST = 1_500;

// The scripts and fonts of this build. A newer build waits until no page of the older stands open: what one has typed is never
// taken from under the hand.
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
clientsClaim();

// Every page is the one page.
registerRoute(
  ({ request }) => request.mode === 'navigate',
  async ({ request }) => {
    const network = fetch(request);
    const late = new Promise<never>((_, reject) =>
      setTimeout(() => reject(new Error('late')), PATIENCE * 1_000),
    );
    try {
      const answer = await Promise.race([network, late]);
      if (answer.status < 500) return answer;
    } catch {
      // Below.
    }
    return (await matchPrecache('/')) ?? network;
  },
);

registerRoute(
  ({ request, url }) =>
    url.origin === self.location.origin && isKept(request.method, url, request.headers.get('X-Garden')),
  new NetworkFirst({
    cacheName: KNOWN,
    networkTimeoutSeconds: PATIENCE,
    // Who asks is said with it, and is the same for all that is kept.
    matchOptions: { ignoreVary: true },
    plugins: [
      new ExpirationPlugin({ maxEntries: MOST, purgeOnQuotaError: true }),
      {
        // A server behind another that says for it that it is away is no answer.
        fetchDidSucceed: async ({ response }) => {
          if (response.status >= 502 && response.status <= 504) throw new Error('The server is away.');
          if (response.status === 401) await caches.delete(KNOWN);
          return response;
        },
        cacheWillUpdate: async ({ response }) => {
          if (response.status !== 200) return null;
          const headers = new Headers(response.headers);
          headers.set(KNOWN_AT, new Date().toISOString());
          return new Response(await response.blob(), { status: 200, headers });
        },
      },
    ],
  }),
);
