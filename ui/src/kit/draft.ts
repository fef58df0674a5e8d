import { useEffect, useState, useSyncExternalStore } from 'react';
import { v7 } from 'uuid';

/** What is typed but not yet kept: it survives a reload, and goes when it has been kept. */
export type Kept<T> = { id: string; values: T };

/** What was typed somewhere and is neither kept nor dropped: what it is, and where one goes on with it. */
export type Unsent = { name: string; title: string; at: string };

let prefix = 'draft:';

/** What is typed lies by itself under this name, before anything is drawn. */
export function openShelf(name: string) {
  prefix = `${name}draft:`;
}

/** Forms that stand open: what is typed into them need not be told of. */
const open = new Map<string, number>();
const listeners = new Set<() => void>();
let unsent: Unsent[] | undefined;

/** What was typed and is on its way from before the page was loaded anew: a form opened meanwhile is another one. */
const onItsWay = new Set<string>();

export function setOnItsWay(name: string, is: boolean) {
  if (is) onItsWay.add(name);
  else onItsWay.delete(name);
  changed();
}

function changed() {
  unsent = undefined;
  for (const listener of listeners) listener();
}

/** What a browser kept may be of an older page, or spoilt: what cannot be read is not there. */
function read(name: string): unknown {
  try {
    return JSON.parse(sessionStorage.getItem(name) ?? 'null');
  } catch {
    return null;
  }
}

const isKept = (stored: unknown): stored is Kept<object> & Partial<Unsent> =>
  typeof stored === 'object' &&
  stored !== null &&
  typeof (stored as Kept<object>).id === 'string' &&
  typeof (stored as Kept<object>).values === 'object';

export function unsentNow(): Unsent[] {
  unsent ??= Object.keys(sessionStorage)
    .filter((name) => name.startsWith(prefix) && !open.has(name) && !onItsWay.has(name))
    .flatMap((name) => {
      const stored = read(name);
      return isKept(stored) && typeof stored.title === 'string' && typeof stored.at === 'string'
        ? [{ name, title: stored.title, at: stored.at }]
        : [];
    });
  return unsent;
}

/** What waits unsent in this tab, but for what stands open just now. */
export const useUnsent = (): Unsent[] =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, unsentNow);

export function drop(name: string) {
  sessionStorage.removeItem(name);
  changed();
}

/** Lays what was typed elsewhere into a form that is not open yet. */
export function setAside(key: string, what: Kept<object> & { title: string; at: string }) {
  sessionStorage.setItem(`${prefix}${key}`, JSON.stringify(what));
  changed();
}

const nameFor = (name: string): string => (onItsWay.has(name) ? nameFor(`${name}+`) : name);

/**
 * @param what what is typed, as it is named while it waits, and where it is gone on with
 */
export function useDraft<T extends object>(
  key: string,
  start: () => T,
  what?: { title: string; at: string },
) {
  const [name] = useState(() => nameFor(`${prefix}${key}`));
  const [draft, setDraft] = useState<Kept<T>>(() => {
    const stored = read(name);
    // The id is made once for what is typed, so that sending it twice keeps it once.
    return isKept(stored)
      ? { id: stored.id, values: { ...start(), ...stored.values } }
      : { id: v7(), values: start() };
  });
  const [resumed, setResumed] = useState(() => isKept(read(name)));
  useEffect(() => {
    open.set(name, (open.get(name) ?? 0) + 1);
    changed();
    return () => {
      const left = (open.get(name) ?? 1) - 1;
      if (left === 0) open.delete(name);
      else open.set(name, left);
      changed();
    };
  }, [name]);
  // Only what somebody typed is worth keeping; a form merely opened starts afresh, with the time it is then.
  const keep = (next: Kept<T>) => {
    setDraft(next);
    sessionStorage.setItem(name, JSON.stringify({ ...next, ...what }));
  };

  return {
    id: draft.id,
    name,
    values: draft.values,
    /** Whether it opened with what was typed before and not kept: refused, or left. */
    resumed,
    set: (change: Partial<T>) => keep({ ...draft, values: { ...draft.values, ...change } }),
    clear: () => {
      setDraft({ id: v7(), values: start() });
      setResumed(false);
      drop(name);
    },
  };
}
