import { useMemo, type ReactNode } from 'react';
import { api, take, type Frame } from '../api/client';
import { isConnected, weigh } from '../api/serialScale';
import { ReadsContext, type Reads } from '../kit/reads';

/** The place that a page is of, where it is of one. */
const placeIn = (address: string) => /^\/store\/where\/([0-9a-f-]{36})/.exec(address)?.[1];

/** Whatever fields there are, they are filled by the instruments of this garden, and by the scale on this device. */
export function Reading({
  units,
  metric,
  children,
}: {
  units: string[];
  metric: boolean;
  children: ReactNode;
}) {
  // The same units are the same list, however often the frame is asked for.
  const known = units.join('|');
  const reads = useMemo<Reads>(
    () => ({
      units: known === '' ? [] : known.split('|'),
      read: async (unit) =>
        unit === 'g' && metric && isConnected()
          ? weigh()
          : take(api.POST('/reading', { body: { unit, place: placeIn(window.location.pathname) } })),
    }),
    [known, metric],
  );
  return <ReadsContext.Provider value={reads}>{children}</ReadsContext.Provider>;
}

export const unitsOf = (frame: Frame | undefined): string[] => frame?.reads ?? [];
