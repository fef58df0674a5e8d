import { useSyncExternalStore } from 'react';

/** Who is at this browser, as the server said last: where nobody signs in, anyone. */
export type Present = { id: string; name: string; role: Role } | undefined;
export type Role = 'reader' | 'helper' | 'keeper' | 'owner';

const ranks: Role[] = ['reader', 'helper', 'keeper', 'owner'];
const listeners = new Set<() => void>();
let present: Present;
let isKnown = false;
let isOut = false;

const tell = () => {
  for (const listener of listeners) listener();
};
const listen = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** @param next nobody where nobody signs in */
export function setPresent(next: Present) {
  const before = isKnown;
  isKnown = true;
  if (before && present?.id === next?.id && present?.role === next?.role) return;
  present = next;
  tell();
}

/** The server asks who this is. */
export function setOut() {
  if (isOut) return;
  isOut = true;
  tell();
}

export const presentNow = (): Present => present;

/** Whether what one keeper pressed may be sent from here now: by that keeper alone, and not before it is known who is here. */
export const isTheirs = (by: string | undefined): boolean =>
  by === undefined || (isKnown && (present === undefined || present.id === by));
export const usePresent = (): Present => useSyncExternalStore(listen, () => present);
export const useIsOut = (): boolean => useSyncExternalStore(listen, () => isOut);

/** Whether whoever is here may do what such a role may. */
export const may = (who: Present, need: Role): boolean =>
  who === undefined || ranks.indexOf(who.role) >= ranks.indexOf(need);
