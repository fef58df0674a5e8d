import { describe, expect, it } from 'vitest';
import { gramsOf, weigh, type Port } from './serialScale';

const port = (answer: string[]): Port & { asked: string[] } => {
  const asked: string[] = [];
  return {
    asked,
    open: async () => undefined,
    readable: new ReadableStream({
      start(controller) {
        for (const part of answer) controller.enqueue(new TextEncoder().encode(part));
        controller.close();
      },
    }),
    writable: new WritableStream({
      write(chunk) {
        asked.push(new TextDecoder().decode(chunk));
      },
    }),
  };
};

describe('a scale on this device', () => {
  it('is asked, and its line read however it comes in', async () => {
    const scale = port(['stea', 'dy 41.2', '3 g\nsteady']);
    expect(await weigh(scale)).toEqual({ value: '41.23', said: 'the scale on this device' });
    expect(scale.asked).toEqual(['weigh\n']);
  });

  it('fills nothing in that is half a line, not steady or no mass', async () => {
    expect((await weigh(port(['steady 41.2']))).said).toContain('middle of its line');
    expect((await weigh(port([]))).said).toBe('The scale says nothing.');
    expect(gramsOf('moving 41.2 g')).toMatchObject({ value: null });
    expect(gramsOf('steady 3 stone')).toMatchObject({ value: null });
    expect(gramsOf('fault overload').said).toBe('The scale says: overload.');
    expect(gramsOf('steady 0.00 g').said).toBe('There is nothing on the scale.');
  });

  it('reads other units as grams', () => {
    expect(gramsOf('steady 1.5 oz').value).toBe('42.524');
    expect(gramsOf('steady 0.25 kg').value).toBe('250');
  });
});
