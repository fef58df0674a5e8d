import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';

const KEY = 'ticked';

/** All from one line to another, in the order of the list; of what is not in the list, the line alone. */
export function between(order: string[], from: string | null, to: string): string[] {
  const a = from === null ? -1 : order.indexOf(from);
  const b = order.indexOf(to);
  return a < 0 || b < 0 ? [to] : order.slice(Math.min(a, b), Math.max(a, b) + 1);
}

/**
 * Which lines of a list are ticked: kept in the address, so that they stay while pages are turned and the list is narrowed,
 * and are there again after a reload.
 */
export function useTicks() {
  const [params, setParams] = useSearchParams();
  // The address follows a moment later; whoever ticks quickly must not lose a line to that.
  const [ticked, set] = useState(() => read(params));
  const [reaching, setReaching] = useState(false);
  const last = useRef<string | null>(null);
  const isAsAddressed = (ticked?.join('.') ?? null) === params.get(KEY);
  useEffect(() => {
    if (isAsAddressed) return;
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        if (ticked === null) next.delete(KEY);
        else next.set(KEY, ticked.join('.'));
        return next;
      },
      { replace: true },
    );
  }, [isAsAddressed, ticked, setParams]);
  return {
    /** whether lines can be ticked where that must be asked for */
    ticking: ticked !== null,
    codes: ticked ?? [],
    /** whether the line that is ticked next ends a range */
    reaching,
    reach: () => setReaching(!reaching),
    set,
    /** @param range whether all between the line that was ticked last and this one are meant */
    tick: (code: string, order: string[], range: boolean) => {
      const meant = range || reaching ? between(order, last.current, code) : [code];
      set((now) =>
        now?.includes(code)
          ? now.filter((one) => !meant.includes(one))
          : [...new Set([...(now ?? []), ...meant])],
      );
      last.current = code;
      setReaching(false);
    },
  };
}

function read(params: URLSearchParams): string[] | null {
  const said = params.get(KEY);
  return said === null ? null : said.split('.').filter((code) => code !== '');
}

export type Ticks = ReturnType<typeof useTicks>;
