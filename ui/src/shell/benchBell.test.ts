import { describe, expect, it } from 'vitest';
import type { Task } from '../api/client';
import { ringsBetween } from './benchBell';

const task = (best: string, latest: string | null, alarm = false) =>
  ({ id: 7, best, latest, alarm }) as unknown as Task;
const keys = (...of: Parameters<typeof ringsBetween>) => ringsBetween(...of).map(({ key }) => key);

describe('the bell of the bench', () => {
  it('rings when it is best done, once', () => {
    const due = [task('2026-09-14T18:30', '2026-09-15T08:00')];
    expect(keys(due, '2026-09-14T18:29', '2026-09-14T18:30')).toEqual(['7:best']);
    expect(keys(due, '2026-09-14T18:30', '2026-09-14T18:31')).toEqual([]);
    expect(keys(due, '2026-09-14T17:00', '2026-09-14T18:29')).toEqual([]);
  });

  it('rings once more half an hour before it is too late', () => {
    const due = [task('2026-09-14T18:30', '2026-09-15T08:00')];
    expect(keys(due, '2026-09-15T07:29', '2026-09-15T07:30')).toEqual(['7:latest']);
    expect(keys(due, '2026-09-15T07:30', '2026-09-15T07:31')).toEqual([]);
    // The page slept over both.
    expect(keys(due, '2026-09-14T18:00', '2026-09-15T09:00')).toEqual(['7:best', '7:latest']);
  });

  it('is silent where nothing is lost by waiting', () => {
    expect(keys([task('2026-09-14T18:30', null)], '2026-09-14T18:00', '2026-09-14T19:00')).toEqual([]);
    expect(keys([task('2026-09-14T18:30', null, true)], '2026-09-14T18:00', '2026-09-14T19:00')).toEqual([
      '7:best',
    ]);
  });
});
