import type { ReactNode } from 'react';
import { later } from '../kit/Coming';
import type { Values } from '../kit/FieldGrid';

/** What is easier shown than typed, by the kind of its entry; its fields stand beneath all the same. */
export const pictured: Record<
  string,
  ((props: { values: Values; onChange: (values: Values) => void }) => ReactNode) | undefined
> = {
  test_counted: later(async () => (await import('./TapCounts')).TapCounts, { lines: 1, height: 130 }),
  card_read: later(async () => (await import('./CardSpots')).CardSpots, { lines: 1, height: 130 }),
};
