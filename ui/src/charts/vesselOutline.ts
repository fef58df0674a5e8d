import type { ListItem } from '../api/client';

export type VesselShape = NonNullable<ListItem['vessel']>;

type Outline = {
  /** what can hold something, closed, within a square of a hundred */
  body: string;
  /** lines beside it: a handle, a string, a rim */
  lines: string;
  /** from where to where what is in it can stand, from above */
  from: number;
  to: number;
};

/** Told apart by outline alone, at forty pixels. */
export const outlines: Record<VesselShape, Outline> = {
  jar: {
    body: 'M32 18 H68 V26 Q82 30 82 42 V82 Q82 92 72 92 H28 Q18 92 18 82 V42 Q18 30 32 26 Z',
    lines: 'M26 12 H74 V18 H26 Z',
    from: 30,
    to: 92,
  },
  bowl: { body: 'M6 42 H94 Q90 88 50 88 Q10 88 6 42 Z', lines: 'M36 92 H64', from: 42, to: 88 },
  bucket: { body: 'M16 34 H84 L74 92 H26 Z', lines: 'M16 34 Q50 -14 84 34', from: 34, to: 92 },
  sieve: {
    body: 'M6 46 H68 L60 72 H14 Z',
    lines: 'M66 50 L98 40 M18 78 H22 M28 78 H32 M38 78 H42 M48 78 H52',
    from: 46,
    to: 72,
  },
  plate: { body: 'M4 58 H96 Q86 78 50 78 Q14 78 4 58 Z', lines: 'M34 82 H66', from: 58, to: 78 },
  sack: {
    body: 'M38 26 Q50 32 62 26 Q92 52 84 84 Q82 92 72 92 H28 Q18 92 16 84 Q8 52 38 26 Z',
    lines: 'M30 8 Q38 18 38 26 M70 8 Q62 18 62 26 M30 8 Q50 18 70 8 M34 26 H66',
    from: 26,
    to: 92,
  },
  bag: {
    body: 'M24 20 L32 12 L40 20 L50 12 L60 20 L68 12 L76 20 V92 H24 Z',
    lines: 'M36 92 L36 80 M64 92 L64 80',
    from: 18,
    to: 92,
  },
  bundle: {
    body: 'M42 24 H58 Q66 60 84 84 Q66 94 50 94 Q34 94 16 84 Q34 60 42 24 Z',
    lines: 'M50 2 V24 M40 30 H60 M44 34 L34 84 M50 34 V88 M56 34 L66 84',
    from: 24,
    to: 94,
  },
  sheaf: {
    body: 'M20 12 Q50 26 80 12 Q64 40 58 54 Q66 76 74 92 H26 Q34 76 42 54 Q36 40 20 12 Z',
    lines: 'M38 54 H62 M38 59 H62',
    from: 14,
    to: 92,
  },
  tray: {
    body: 'M4 62 H96 L90 82 H10 Z',
    lines: 'M20 62 Q28 50 36 62 M44 62 Q52 46 60 62 M68 62 Q74 52 80 62',
    from: 62,
    to: 82,
  },
  crate: { body: 'M8 36 H92 V90 H8 Z', lines: 'M8 54 H92 M8 72 H92 M22 36 V90 M78 36 V90', from: 36, to: 90 },
};
