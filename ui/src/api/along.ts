import { api, take } from './client';
import { isInDemo } from './garden';
import type { Round } from './client';

/** ms between two times that everything is asked for; what is looked at meanwhile is kept anyway. */
const AGAIN = 30 * 60_000;

/** So many are asked for together. */
const AT_ONCE = 3;

/** ms between them: whoever uses the page meanwhile goes first. */
const PAUSE = 60;

const KEPT = 'marrow:along';

const places = ['plot', 'bench', 'racks', 'trays', 'store'] as const;
const rounds: Round['which'][] = ['evening', 'morning', 'looking-over', 'ripeness'];

/** Whoever signs in next takes everything along anew. */
export function leaveBehind() {
  localStorage.removeItem(KEPT);
}

/** Asks beforehand for what somebody will look at in the garden, as the pages ask for it; the worker keeps the answers. */
export async function takeAlong(): Promise<void> {
  // A desk stands beside the server, or on it.
  const isCarried = matchMedia('(pointer: coarse)').matches;
  if (!isCarried || isInDemo() || Date.now() - Number(localStorage.getItem(KEPT) ?? 0) < AGAIN) return;
  const along = await take(api.GET('/along'));
  // As a page asks for it that shows the list alone, and one that shows it beside a sheet.
  const lists = [{ page: 1 }, { page: 1, lines: '1' }];
  const asks: (() => Promise<unknown>)[] = [
    () => api.GET('/frame', { params: { query: {} } }),
    () => api.GET('/today', { params: { query: {} } }),
    () => api.GET('/me'),
    () => api.GET('/beginnings'),
    () => api.GET('/kinds'),
    () => api.GET('/varieties'),
    () => api.GET('/store-places'),
    () => api.GET('/holders'),
    () => api.GET('/settings'),
    () => api.GET('/crops'),
    () => api.GET('/plans'),
    () => api.GET('/choices/lots', { params: { query: {} } }),
    () => api.GET('/choices/plantings', { params: { query: {} } }),
    ...places.flatMap((place) =>
      lists.map((query) => () => api.GET('/places/{place}', { params: { path: { place }, query } })),
    ),
    ...rounds.map((which) => () => api.GET('/rounds/{which}', { params: { path: { which } } })),
    () => api.GET('/shelf', { params: { query: {} } }),
    ...along.plans.map((year) => () => api.GET('/plans/{year}', { params: { path: { year } } })),
    ...along.plantings.map((code) => () => api.GET('/plantings/{code}', { params: { path: { code } } })),
    ...[...along.lots, ...along.plantings].map(
      (codes) => () => api.GET('/tags', { params: { query: { codes, place: '' } } }),
    ),
    ...along.lots.map((code) => () => api.GET('/lots/{code}', { params: { path: { code } } })),
    ...along.crops.flatMap((key) => [
      () => api.GET('/crops/{key}', { params: { path: { key } } }),
      () => api.GET('/choices/lots', { params: { query: { crop: key } } }),
    ]),
  ];
  for (let i = 0; i < asks.length; i += AT_ONCE) {
    if (!navigator.onLine) return;
    await Promise.all(asks.slice(i, i + AT_ONCE).map((ask) => ask()));
    await new Promise((done) => setTimeout(done, PAUSE));
  }
  localStorage.setItem(KEPT, String(Date.now()));
  // What is carried must not be thrown away by the browser for want of room.
  if ('storage' in navigator) await navigator.storage.persist().catch(() => false);
}
