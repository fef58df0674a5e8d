import { api, Refused, take, type Remedies, type RemedyWish } from '../api/client';

/** ms between two looks how far it is. */
const LOOK = 400;

const pause = (signal: AbortSignal) =>
  new Promise<void>((resolve) => {
    const timer = setTimeout(resolve, LOOK);
    signal.addEventListener('abort', () => {
      clearTimeout(timer);
      resolve();
    });
  });

export class Stopped extends Error {}

/** Asks what can be done about crossing, and is told meanwhile how far the search is. It goes on while nobody looks, and
 * whoever asks for the same finds it. */
export async function findRemedies(
  year: number,
  wish: RemedyWish,
  signal: AbortSignal,
  told: (work: { id: string; share: number }) => void,
): Promise<Remedies> {
  let work = await take(api.POST('/plans/{year}/remedies', { params: { path: { year } }, body: wish }));
  for (;;) {
    told(work);
    if (work.state === 'done' && work.found !== null) return work.found;
    if (work.state === 'failed') throw Refused.told(work.message);
    if (work.state === 'stopped') throw new Stopped();
    await pause(signal);
    if (signal.aborted) throw new DOMException('', 'AbortError');
    work = await take(api.GET('/works/{id}', { params: { path: { id: work.id } } }));
  }
}

export const stopLooking = (id: string) =>
  take(api.POST('/works/{id}/stop', { params: { path: { id } }, body: {} }));
