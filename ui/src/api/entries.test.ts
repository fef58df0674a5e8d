import type * as OpenapiFetch from 'openapi-fetch';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { mayPass, Refused, take, type Draft } from './client';
import { Asked, record, recordOnce, strike } from './entries';

const draft = { id: 'd-1', kind: 'noted', payload: { text: 'x' } } as unknown as Draft;

/** The server, which answers one after the other. */
function server(...answers: (Response | Error)[]) {
  const asked: { url: string; body: unknown }[] = [];
  vi.stubGlobal('location', { href: 'http://garden/' });
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push({ url: new URL(request.url).pathname, body: JSON.parse(await request.text()) });
    const answer = answers.shift();
    if (answer === undefined || answer instanceof Error) throw answer ?? new Error('nothing more');
    return answer;
  });
  return asked;
}

const answer = (status: number, body: object) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
const one = (status: number, more: object) =>
  answer(status, { answers: [{ status: 'kept', message: '', errors: {}, questions: [], ...more }] });

vi.mock('openapi-fetch', async (actual) => {
  const { default: createClient } = await actual<typeof OpenapiFetch>();
  // In the browser an address without a host is the page's own.
  return { default: (set: object) => createClient({ ...set, baseUrl: 'http://garden/api' }) };
});

afterEach(() => vi.unstubAllGlobals());

describe('recording', () => {
  it('is kept', async () => {
    const asked = server(one(200, { code: 'L1' }));
    await expect(record(draft)).resolves.toMatchObject({ code: 'L1' });
    expect(asked).toEqual([{ url: '/api/entries', body: { drafts: [draft] } }]);
  });

  it('is refused at its field, in the server’s words', async () => {
    server(one(422, { status: 'refused', message: 'No.', errors: { mass_g: 'It weighed less before.' } }));
    const refused = await record(draft).catch((error: unknown) => error as Refused);
    expect(refused).toBeInstanceOf(Refused);
    expect(refused).toMatchObject({
      message: 'No.',
      fields: { mass_g: 'It weighed less before.' },
      status: 422,
    });
    expect(mayPass(refused as Refused)).toBe(false);
  });

  it('is asked about, and that is no refusal for good', async () => {
    server(
      one(422, { status: 'asked', questions: ['Really 40 kg?', 'In one day?'], errors: { mass_g: '!' } }),
    );
    const asked = await record(draft).catch((error: unknown) => error);
    expect(asked).toBeInstanceOf(Asked);
    expect(asked).toMatchObject({ message: 'Really 40 kg? In one day?', fields: { mass_g: '!' } });
  });

  it.each([
    ['nobody answers', new TypeError('fetch failed'), 'The server cannot be reached.', true],
    ['it is busy', answer(503, { message: 'Somebody else is writing.' }), 'Somebody else is writing.', true],
    ['the disk is full', answer(507, { message: 'The disk is full.' }), 'The disk is full.', true],
    [
      'it is at fault itself',
      answer(500, { message: 'SQLSTATE[HY000] …' }),
      'Something went wrong on the server. What you typed is kept; try again.',
      false,
    ],
  ])('waits for another time when %s', async (_, said, message, again) => {
    server(said);
    const error = await record(draft).catch((thrown: unknown) => thrown as Refused);
    expect(error).toMatchObject({ message });
    expect(mayPass(error as Refused)).toBe(again);
  });

  it('corrects what was kept without anybody hearing so, and changed meanwhile', async () => {
    const asked = server(one(409, { status: 'refused', message: 'Taken.' }), one(200, {}));
    await recordOnce(draft);
    const [, second] = asked.map(({ body }) => (body as { drafts: Draft[] }).drafts[0]);
    expect(second).toMatchObject({ replaces: 'd-1', payload: { text: 'x' } });
    expect(second?.id).not.toBe('d-1');
  });

  it('does not send again what was refused for another reason', async () => {
    const asked = server(one(422, { status: 'refused', message: 'No.' }));
    await expect(recordOnce(draft)).rejects.toThrow('No.');
    expect(asked).toHaveLength(1);
  });

  it('strikes by the entry’s own address', async () => {
    const asked = server(one(200, {}));
    await strike('e-9', 's-1');
    expect(asked).toEqual([{ url: '/api/entries/e-9/strike', body: { id: 's-1' } }]);
  });
});

describe('reading', () => {
  const response = (status: number) => new Response(null, { status });

  it('gives the data', async () => {
    await expect(take(Promise.resolve({ data: [1], response: response(200) }))).resolves.toEqual([1]);
  });

  it('says the first fault of each field', async () => {
    const error = { message: 'Two faults.', errors: { name: ['Too long.', 'And odd.'], crop: [] } };
    await expect(take(Promise.resolve({ error, response: response(422) }))).rejects.toMatchObject({
      message: 'Two faults.',
      fields: { name: 'Too long.', crop: '' },
    });
  });

  it('has words of its own where the server has none', async () => {
    await expect(take(Promise.resolve({ response: response(404) }))).rejects.toThrow(
      'That could not be done.',
    );
  });
});
