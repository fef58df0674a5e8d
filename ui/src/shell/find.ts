let isWanted = false;
let hear: (() => void) | undefined;

/** Puts the keyboard into the line; where that has not come yet, as soon as it does. */
export function toFind() {
  const field = document.getElementById('find');
  if (field !== null) {
    field.focus();
    return;
  }
  isWanted = true;
  hear?.();
}

/** Whether somebody wants the line before it is there; asked once. */
export function wasWanted(): boolean {
  const was = isWanted;
  isWanted = false;
  return was;
}

/** Until nothing else is to be done, or somebody wants it. */
export const whenWanted = (): Promise<void> =>
  new Promise((now) => {
    hear = now;
    if (isWanted || !('requestIdleCallback' in window)) now();
    else requestIdleCallback(() => now(), { timeout: 2_000 });
  });
