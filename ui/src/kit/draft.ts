import { useState } from 'react';
import { v7 } from 'uuid';

/** What is typed but not yet kept: it survives a reload, and goes when it has been kept. */
export type Kept<T> = { id: string; values: T };

export function useDraft<T extends object>(key: string, start: () => T) {
  const name = `draft:${key}`;
  const [draft, setDraft] = useState<Kept<T>>(() => {
    const stored = sessionStorage.getItem(name);
    // The id is made once for what is typed, so that sending it twice keeps it once.
    return stored === null ? { id: v7(), values: start() } : (JSON.parse(stored) as Kept<T>);
  });
  // Only what somebody typed is worth keeping; a form merely opened starts afresh, with the time it is then.
  const keep = (next: Kept<T>) => {
    setDraft(next);
    sessionStorage.setItem(name, JSON.stringify(next));
  };

  return {
    id: draft.id,
    values: draft.values,
    set: (change: Partial<T>) => keep({ ...draft, values: { ...draft.values, ...change } }),
    clear: () => {
      setDraft({ id: v7(), values: start() });
      sessionStorage.removeItem(name);
    },
  };
}
