import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type RemedyWish } from '../api/client';
import { Stopped } from '../api/works';
import { findRemedies } from './findRemedies';

const wish = { shift_days: 28 } as RemedyWish;

const work = (state: string, share: number, found: unknown = null, message = '') => ({
  id: 'w1',
  state,
  share,
  found,
  message,
});

/** The answers that come one after another. */
const answers = (...said: (object | Error)[]) => {
  const asked: string[] = [];
  const answer = (how: string) => (path: string) => {
    asked.push(`${how} ${path}`);
    const next = said.shift() ?? new TypeError('fetch failed');
    if (next instanceof Error) return Promise.reject(next);
    const refused = 'errors' in next;
    return Promise.resolve({
      ...(refused ? { error: next } : { data: next }),
      response: new Response(null, { status: refused ? 422 : 200 }),
    });
  };
  vi.spyOn(api, 'POST').mockImplementation(answer('POST') as unknown as typeof api.POST);
  vi.spyOn(api, 'GET').mockImplementation(answer('GET') as unknown as typeof api.GET);
  return asked;
};

const find = (told: (work: { id: string; share: number }) => void = () => undefined) =>
  findRemedies(2027, wish, new AbortController().signal, told);

afterEach(() => vi.restoreAllMocks());

describe('the search for ways out of crossing', () => {
  it('is begun once, asked how far it is, and tells at last what was found', async () => {
    const found = { ways: [], obstacles: [] };
    const asked = answers(work('waiting', 0), work('going', 0.6), work('done', 1, found));
    const shares: number[] = [];
    expect(await find(({ share }) => shares.push(share))).toEqual(found);
    expect(shares).toEqual([0, 0.6, 1]);
    expect(asked).toEqual(['POST /plans/{year}/remedies', 'GET /works/{id}', 'GET /works/{id}']);
  });

  it('that somebody else has done already is there at once', async () => {
    const asked = answers(work('done', 1, { ways: [], obstacles: ['A hedge.'] }));
    expect((await find()).obstacles).toEqual(['A hedge.']);
    expect(asked).toHaveLength(1);
  });

  it('says what went wrong in the midst of it, and that it was stopped', async () => {
    answers(work('going', 0.2), work('failed', 0.2, null, 'The disk is full.'));
    await expect(find()).rejects.toThrow('The disk is full.');
    answers(work('going', 0.2), work('stopped', 0.2));
    await expect(find()).rejects.toBeInstanceOf(Stopped);
  });

  it('says so when the server is not there, and is refused at its field', async () => {
    answers(new TypeError('fetch failed'));
    await expect(find()).rejects.toThrow('The server cannot be reached.');
    answers({ message: 'No.', errors: { shift_days: ['A whole number.'] } });
    await expect(find()).rejects.toMatchObject({ fields: { shift_days: 'A whole number.' } });
  });
});
