const KEPT = 'marrow:line-key';

export type Side = 'left' | 'right' | 'none';

/** On which side of a phone the key for the line stands, as it is set on this device. */
export function lineKeySide(): Side {
  try {
    const kept = localStorage.getItem(KEPT);
    return kept === 'left' || kept === 'none' ? kept : 'right';
  } catch {
    return 'right';
  }
}

export const setLineKeySide = (side: Side) => localStorage.setItem(KEPT, side);
