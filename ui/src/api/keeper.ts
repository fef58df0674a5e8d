const KEPT = 'marrow:keeper';

/** Who records on this device; empty for the one who keeps the garden. */
export function keeper(): string {
  try {
    return localStorage.getItem(KEPT) ?? '';
  } catch {
    return '';
  }
}

export function setKeeper(name: string) {
  if (name.trim() === '') localStorage.removeItem(KEPT);
  else localStorage.setItem(KEPT, name.trim());
}
