import { useCallback } from 'react';
import { useNavigate, useSearchParams } from 'react-router';

/** The day looked ahead to, kept in the address so that it survives a reload and can be sent to somebody. */
export function useLook() {
  const [params] = useSearchParams();
  const on = params.get('on') ?? undefined;
  const navigate = useNavigate();
  const lookTo = useCallback(
    (day: string | undefined) => {
      // From where the browser is by now: a key may be pressed before the page of a link just followed has been drawn.
      const { pathname, search } = window.location;
      const next = new URLSearchParams(search);
      if (day === undefined) next.delete('on');
      else next.set('on', day);
      void navigate({ pathname, search: next.toString() });
    },
    [navigate],
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
