import { useEffect, useRef } from 'react';
import { useFrame, usePlace } from '../api/queries';
import { ring } from '../kit/bell';
import { useSay } from '../kit/Said';
import { ringsBetween } from './benchBell';

/** Rings on an open page when something on the bench is due that is lost by waiting; the keeper has set that it does. */
export function BenchBell() {
  const now = useFrame().data?.now;
  const list = usePlace('bench', { page: 1, lines: '1' });
  const say = useSay();
  const since = useRef<string | undefined>(undefined);
  const items = list.data?.items;
  useEffect(() => {
    if (now === undefined || items === undefined) return;
    const last = since.current ?? now;
    since.current = now;
    const due = ringsBetween(
      items.flatMap(({ task }) => (task === null ? [] : [task])),
      last,
      now,
    );
    if (due.length === 0) return;
    ring();
    say(due.map(({ task }) => `${task.of} ${task.name}: ${task.do}`).join('. '));
  }, [now, items, say]);
  return null;
}
