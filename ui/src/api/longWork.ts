import { Refused, silent } from './client';

type Line<T> = { done?: number; found?: T; message?: string; errors?: Record<string, string[]> };

/** Asks for what takes a while, and is told meanwhile what share of it is done. Hanging up ends it. */
export async function longWork<T>(
  path: string,
  body: unknown,
  signal: AbortSignal,
  onDone: (share: number) => void,
): Promise<T> {
  onDone(0);
  const answer = await fetch(`/api${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Accept: 'application/x-ndjson' },
    body: JSON.stringify(body),
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
      const said = JSON.parse(line) as Line<T>;
      if (said.done !== undefined) onDone(said.done);
      if (said.message !== undefined) throw Refused.told(said.message, said.errors);
      if (said.found !== undefined) return said.found;
    }
  }
}
