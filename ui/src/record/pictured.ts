import type { ReactNode } from 'react';
import { later } from '../kit/Coming';
import type { Values } from '../kit/FieldGrid';

/**
 * What is easier shown than typed, or worth knowing before it is, by the kind of its entry; its fields stand beneath all the
 * same. `of` is the code of the thing, where its form stands on its page and nothing is corrected.
 */
export const pictured: Record<
  string,
  ((props: { values: Values; onChange: (values: Values) => void; of: string }) => ReactNode) | undefined
> = {
  test_counted: later(async () => (await import('./TapCounts')).TapCounts, { lines: 1, height: 130 }),
  test_started: later(async () => (await import('./TestAhead')).TestAhead, { lines: 3, height: 90 }),
  poured_together: later(async () => (await import('./MixAhead')).MixAhead, { lines: 1, height: 24 }),
  card_read: later(async () => (await import('./CardSpots')).CardSpots, { lines: 1, height: 130 }),
};
