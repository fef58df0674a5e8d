import { useSyncExternalStore } from 'react';

/** Whether this device keeps what waits: it does, it soon will not, or it did not just now. */
export type Room = 'enough' | 'little' | 'none';

/** Bytes below which it is said that there is little: some thousand entries, and the pages that are taken along. */
const LITTLE = 20_000_000;

let room: Room = 'enough';
const listeners = new Set<() => void>();

export function setRoom(next: Room) {
  if (next === room) return;
  room = next;
  for (const listener of listeners) listener();
}

/** Looks how much is left, before it is too little; a browser that does not say is not doubted. */
export async function lookForRoom(): Promise<void> {
  const { quota, usage } = await Promise.resolve()
    .then(() => navigator.storage.estimate())
    .catch((): StorageEstimate => ({}));
  if (quota === undefined || usage === undefined) return;
  setRoom(quota - usage < LITTLE ? 'little' : 'enough');
}

export const useRoom = (): Room =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => room,
  );
