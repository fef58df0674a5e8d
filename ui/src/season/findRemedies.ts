import { Refused, silent, type Remedies, type RemedyWish } from '../api/client';

type Line = { done?: number; found?: Remedies; message?: string };

/** Asks what can be done about crossing, and is told meanwhile how far the search is. Hanging up ends it. */
export async function findRemedies(
  year: number,
  wish: RemedyWish,
  signal: AbortSignal,
  onDone: (share: number) => void,
): Promise<Remedies> {
  onDone(0);
  const answer = await fetch(`/api/plans/${year}/remedies`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Accept: 'application/x-ndjson' },
    body: JSON.stringify(wish),
    signal,
  }).catch((error: unknown) => {
    if (signal.aborted) throw error;
    return silent();
  });
  if (!answer.ok || answer.body === null) throw Refused.of(answer, await answer.json().catch(() => null));
  const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return silent();
    const lines = (rest + value).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) {
      const said = JSON.parse(line) as Line;
      if (said.done !== undefined) onDone(said.done);
      if (said.message !== undefined) throw new Refused(said.message, {}, 500);
      if (said.found !== undefined) return said.found;
    }
  }
}
