import type { Task } from '../api/client';

/** Minutes before it is too late at which it rings once more. */
const BEFORE = 30;

export type Ringing = { key: string; task: Task };

const minutes = (from: string, to: string) => (Date.parse(`${to}Z`) - Date.parse(`${from}Z`)) / 60_000;

/**
 * What has come due since it was last looked: when it is best done, and once more shortly before it is too late. Only what
 * is lost by waiting rings, and what had been due before the page was opened does not.
 *
 * @param since garden time at which it was last looked: "2026-09-14T18:30"
 * @param now garden time
 */
export function ringsBetween(tasks: Task[], since: string, now: string): Ringing[] {
  const isBetween = (at: string) => minutes(since, at) > 0 && minutes(at, now) >= 0;
  return tasks
    .filter(({ alarm, latest }) => alarm || latest !== null)
    .flatMap((task) => [
      ...(isBetween(task.best) ? [{ key: `${task.id}:best`, task }] : []),
      ...(task.latest !== null && minutes(since, task.latest) > BEFORE && minutes(now, task.latest) <= BEFORE
        ? [{ key: `${task.id}:latest`, task }]
        : []),
    ]);
}
