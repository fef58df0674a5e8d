import { useState } from 'react';
import { useKnownSince } from '../api/known';
import { useKinds } from '../api/queries';
import { wrongWith } from './checks';

/** Where nobody can be asked the fields themselves say what is wrong; with network the server says that, and more. */
export function useFieldChecks(kind: string) {
  const isAway = useKnownSince() !== undefined || !navigator.onLine;
  const kinds = useKinds(isAway).data?.kinds;
  const [wrong, setWrong] = useState<Record<string, string>>({});
  return {
    wrong,
    /** @param more what else is wrong, by field @returns whether nothing is, as far as can be said here */
    isRight: (payload: Record<string, unknown>, more: Record<string, string> = {}): boolean => {
      const found = isAway ? { ...wrongWith(kinds ?? [], kind, payload), ...more } : {};
      setWrong(found);
      return Object.keys(found).length === 0;
    },
  };
}
