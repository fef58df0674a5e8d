import { api, take, type Remedies, type RemedyWish } from '../api/client';
import { follow } from '../api/works';

/** Asks what can be done about crossing, and is told meanwhile how far the search is. */
export async function findRemedies(
  year: number,
  wish: RemedyWish,
  signal: AbortSignal,
  told: (work: { id: string; share: number }) => void,
): Promise<Remedies> {
  const begin = () => take(api.POST('/plans/{year}/remedies', { params: { path: { year } }, body: wish }));
  return (await follow(begin, signal, told)).found as Remedies;
}
