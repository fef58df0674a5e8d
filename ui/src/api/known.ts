import { useSyncExternalStore } from 'react';

/** Since when the pages show what was known last, because the server does not answer; nothing while it does. */
let since: string | undefined;
const listeners = new Set<() => void>();

/** @param at when the server said what was shown just now, as a moment of the clock of this device; null where it said so now */
export function shown(at: string | null) {
  // Of several the oldest is what one must reckon with; whatever comes fresh ends it.
  const next = at === null ? undefined : since === undefined || at < since ? at : since;
  if (next === since) return;
  since = next;
  for (const listener of listeners) listener();
}

export const useKnownSince = (): string | undefined =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => since,
  );
