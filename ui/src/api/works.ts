import { api, Refused, take, type Schemas } from './client';

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

export type Work = Schemas['WorkDocument'];

/** It was stopped, by whoever. */
export class Stopped extends Error {}

/** Follows a work from its beginning to its end, and is told meanwhile how far it is. It goes on while nobody looks, and
 * whoever asks for the same finds it. */
export async function follow(
  begin: () => Promise<Work>,
  signal: AbortSignal,
  told: (work: Work) => void,
): Promise<Work> {
  let work = await begin();
  for (;;) {
    told(work);
    if (work.state === 'done' && work.found !== null) return work;
    if (work.state === 'failed') throw Refused.told(work.message);
    if (work.state === 'stopped') throw new Stopped();
    await pause(signal);
    if (signal.aborted) throw new DOMException('', 'AbortError');
    work = await take(api.GET('/works/{id}', { params: { path: { id: work.id } } }));
  }
}

export const stopWork = (id: string) =>
  take(api.POST('/works/{id}/stop', { params: { path: { id } }, body: {} }));
