import { describe, expect, it } from 'vitest';
import { mayPass, Refused, silent, take } from './client';

const answer = (status: number, error: unknown = {}) => ({ error, response: new Response(null, { status }) });

describe('what the server refuses', () => {
  it('is said field by field, of each the first thing that is wrong', () => {
    const refused = Refused.of(new Response(null, { status: 422 }), {
      message: 'The weight must be a number.',
      errors: { mass_g: ['The weight must be a number.', 'It is too long.'], note: [] },
    });
    expect(refused.message).toBe('The weight must be a number.');
    expect(refused.fields).toEqual({ mass_g: 'The weight must be a number.', note: '' });
    expect(refused.status).toBe(422);
    expect(refused.mayPass).toBe(false);
  });

  it('is said in our words where the server has none', () => {
    expect(Refused.of(new Response(null, { status: 404 }), undefined).message).toBe(
      'That could not be done.',
    );
  });

  it('is not told in the words of a fault', () => {
    const fault = Refused.of(new Response(null, { status: 500 }), { message: 'Undefined array key "x"' });
    expect(fault.message).toBe('Something went wrong on the server. What you typed is kept; try again.');
    expect(fault.mayPass).toBe(false);
  });

  it.each([502, 503, 504, 507])('may be taken later when it says %d, in its own words', (status) => {
    const refused = Refused.of(new Response(null, { status }), { message: 'The disk is full.' });
    expect(refused.message).toBe('The disk is full.');
    expect(refused.mayPass).toBe(true);
    expect(mayPass(refused)).toBe(true);
  });

  it('is no fault of the program when it is told at the end of long work with errors', () => {
    expect(Refused.told('It cannot be so.', { shift_days: ['Too many.'] })).toMatchObject({
      status: 422,
      fields: { shift_days: 'Too many.' },
    });
    expect(Refused.told('It went wrong.').status).toBe(500);
  });

  it('is told from what the program itself did wrong', () => {
    expect(mayPass(new TypeError('x is not a function'))).toBe(false);
  });
});

describe('an answer', () => {
  it('is its data', async () => {
    await expect(
      take(Promise.resolve({ data: { marrow: true }, response: new Response(null, { status: 200 }) })),
    ).resolves.toEqual({ marrow: true });
  });

  it('that is none is said to be none, and is worth asking for again', async () => {
    const asked = take(Promise.reject(new TypeError('Failed to fetch')));
    await expect(asked).rejects.toMatchObject({
      message: 'The server cannot be reached.',
      status: 0,
      mayPass: true,
    });
    expect(silent).toThrow('The server cannot be reached.');
  });

  it('without data is refused, whatever it says of itself', async () => {
    await expect(take(Promise.resolve(answer(200)))).rejects.toBeInstanceOf(Refused);
    await expect(take(Promise.resolve(answer(409, { message: 'Somebody was first.' })))).rejects.toThrow(
      'Somebody was first.',
    );
  });
});
