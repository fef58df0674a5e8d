import { useSearchParams } from 'react-router';
import type { Units } from '../../api/queries';

const KEPT = 'marrow.units';

/** Whose units: what the address says, so that a link shows what was sent; else what this browser chose last. */
export function useUnits(): Units {
  const [params] = useSearchParams();
  const said = params.get('units') ?? localStorage.getItem(KEPT);
  return said === 'us' ? 'us' : 'metric';
}

export function keepUnits(units: Units): void {
  localStorage.setItem(KEPT, units);
}
