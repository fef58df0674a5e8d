import { afterEach, describe, expect, it, vi } from 'vitest';
import type { RemedyWish } from '../api/client';
import { findRemedies } from './findRemedies';

const wish = { shift_days: 28 } as RemedyWish;

/** An answer that comes in pieces, wherever they are torn. */
const inPieces = (...pieces: string[]) =>
  new Response(
    new ReadableStream({
      start(stream) {
        for (const piece of pieces) stream.enqueue(new TextEncoder().encode(piece));
        stream.close();
      },
    }),
    { status: 200 },
  );

const asks = (answer: Response | Error) =>
  vi.stubGlobal('fetch', () => (answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer)));

afterEach(() => vi.unstubAllGlobals());

describe('the search for ways out of crossing', () => {
  it('tells how far it is and at last what was found, however the lines are torn', async () => {
    asks(inPieces('{"done":0.2}\n{"do', 'ne":0.6}\n{"fou', 'nd":{"ways":[],"obstacles":[]}}\n'));
    const done: number[] = [];
    const found = await findRemedies(2027, wish, new AbortController().signal, (share) => done.push(share));
    expect(done).toEqual([0, 0.2, 0.6]);
    expect(found).toEqual({ ways: [], obstacles: [] });
  });

  it('says what went wrong in the midst of it', async () => {
    asks(inPieces('{"done":0.2}\n', '{"message":"The disk is full."}\n'));
    await expect(findRemedies(2027, wish, new AbortController().signal, () => undefined)).rejects.toThrow(
      'The disk is full.',
    );
  });

  it('says so when the server goes away half-way, or is not there', async () => {
    asks(inPieces('{"done":0.2}\n'));
    const ask = () => findRemedies(2027, wish, new AbortController().signal, () => undefined);
    await expect(ask()).rejects.toThrow('The server cannot be reached.');
    asks(new TypeError('fetch failed'));
    await expect(ask()).rejects.toThrow('The server cannot be reached.');
  });

  it('is not a fault when one hangs up', async () => {
    const hung = new AbortController();
    hung.abort();
    asks(new DOMException('aborted', 'AbortError'));
    await expect(findRemedies(2027, wish, hung.signal, () => undefined)).rejects.toThrow('aborted');
  });

  it('is refused at its field', async () => {
    asks(new Response('{"message":"No.","errors":{"shift_days":["A whole number."]}}', { status: 422 }));
    await expect(
      findRemedies(2027, wish, new AbortController().signal, () => undefined),
    ).rejects.toMatchObject({ fields: { shift_days: 'A whole number.' } });
  });
});
