import { describe, expect, it } from 'vitest';
import { levelOf } from './VesselDrawing';

const bar = (from: number, near: number | null, to: number) => ({ from, near, to, said: '' });

describe('the level of what stands there', () => {
  it('rises until it wants a hand', () => {
    expect(levelOf(bar(-1, 3, 5))).toEqual({ share: 0.25, waits: false, lost: false });
    expect(levelOf(bar(-4, 0, 2))).toEqual({ share: 1, waits: true, lost: false });
  });

  it('is lost when it could wait no longer', () => {
    expect(levelOf(bar(-4, -2, -1))).toEqual({ share: 1, waits: false, lost: true });
  });

  it('is only full where nothing is lost by waiting', () => {
    expect(levelOf(bar(-4, -1, -1))).toEqual({ share: 1, waits: false, lost: false });
  });

  it('is empty where nothing is wanted', () => {
    expect(levelOf(null).share).toBe(0);
  });
});
