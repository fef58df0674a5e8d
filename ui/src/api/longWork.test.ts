import { afterEach, describe, expect, it, vi } from 'vitest';
import { longWork } from './longWork';
import { Refused } from './client';

const answers = (...parts: string[]) =>
  vi.stubGlobal('fetch', async () => new Response(parts.join(''), { status: 200 }));

const ask = (done: (share: number) => void = () => undefined) =>
  longWork<{ lots: number }>('/intakes', {}, new AbortController().signal, done);

afterEach(() => vi.unstubAllGlobals());

describe('work that takes a while', () => {
  it('says how far it is, and then what came of it', async () => {
    answers('{"done":0.25}\n{"done":0.5}\n', '{"found":{"lots":4}}\n');
    const shares: number[] = [];
    await expect(ask((share) => shares.push(share))).resolves.toEqual({ lots: 4 });
    expect(shares).toEqual([0, 0.25, 0.5]);
  });

  it('is refused at its field where what was sent cannot be so', async () => {
    answers('{"done":0}\n{"message":"Which crop?","errors":{"lines.3":["Which crop?"]}}\n');
    const refused = await ask().catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(Refused);
    expect((refused as Refused).fields).toEqual({ 'lines.3': 'Which crop?' });
    expect((refused as Refused).status).toBe(422);
  });

  it('failed on the server where no field is named', async () => {
    answers('{"message":"Something went wrong."}\n');
    expect(((await ask().catch((error: unknown) => error)) as Refused).status).toBe(500);
  });

  it('that breaks off is as if nobody had answered', async () => {
    answers('{"done":0.5}\n');
    await expect(ask()).rejects.toThrow('The server cannot be reached.');
  });
});
