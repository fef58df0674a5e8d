import { useSearchParams } from 'react-router';
import type { Narrowing } from '../api/queries';

const kinds = { last: 1, untested: 1, past: 1 } as const;

/** How a list is narrowed and ordered, kept in the address. */
export function useNarrowing() {
  const [params, setParams] = useSearchParams();
  const sort = params.get('sort');
  const only = params.get('only');
  const narrowing: Narrowing = {
    find: params.get('find') ?? undefined,
    sort: sort === 'name' || sort === 'code' ? sort : undefined,
    lies: params.get('lies') ?? undefined,
    crop: params.get('crop') ?? undefined,
    only: only !== null && only in kinds ? (only as keyof typeof kinds) : undefined,
    page: Number(params.get('page') ?? 1) || 1,
  };
  const narrow = (change: Record<string, string>) =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        next.delete('page');
        for (const [key, value] of Object.entries(change)) {
          if (value === '') next.delete(key);
          else next.set(key, value);
        }
        return next;
      },
      { replace: true },
    );
  const isNarrowed = [narrowing.find, narrowing.lies, narrowing.crop, narrowing.only].some(
    (value) => value !== undefined,
  );
  return { narrowing, narrow, isNarrowed, params };
}
