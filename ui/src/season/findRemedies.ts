import type { Remedies, RemedyWish } from '../api/client';
import { longWork } from '../api/longWork';

/** Asks what can be done about crossing, and is told meanwhile how far the search is. Hanging up ends it. */
export const findRemedies = (
  year: number,
  wish: RemedyWish,
  signal: AbortSignal,
  onDone: (share: number) => void,
): Promise<Remedies> => longWork(`/plans/${year}/remedies`, wish, signal, onDone);
