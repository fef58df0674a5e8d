import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** The day looked ahead to, kept in the address so that it survives a reload and can be sent to somebody. */
export function useLook() {
  const [params, setParams] = useSearchParams();
  const on = params.get('on') ?? undefined;
  const lookTo = useCallback(
    (day: string | undefined) =>
      setParams((now) => {
        const next = new URLSearchParams(now);
        if (day === undefined) next.delete('on');
        else next.set('on', day);
        return next;
      }),
    [setParams],
  );
  /** An address in the application that keeps the day looked at. */
  const at = useCallback(
    (path: string) => {
      if (on === undefined) return path;
      const url = new URL(path, 'http://garden');
      url.searchParams.set('on', on);
      return `${url.pathname}${url.search}${url.hash}`;
    },
    [on],
  );
  return { on, lookTo, at };
}
