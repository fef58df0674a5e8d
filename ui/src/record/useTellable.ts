import type { Draft, Offer } from '../api/client';
import { useKnownSince } from '../api/known';
import { useWaitingOf } from '../api/pending';
import { useKinds } from '../api/queries';
import { tellable } from './kindsTold';

/**
 * What can be told of a thing beside what is offered for it: nothing where the server knows how it stands; without network, or
 * while something of it waits, whatever can happen to its sort.
 */
export function useTellable(
  about: Draft['about'],
  of: { crop: string | undefined } | undefined,
  offered: Offer[],
): Offer[] {
  const waiting = useWaitingOf(about.id);
  const isAway = useKnownSince() !== undefined;
  const isGuess = of !== undefined && (isAway || waiting.length > 0 || offered.length === 0);
  const kinds = useKinds(isGuess).data;
  return isGuess && kinds !== undefined ? tellable(kinds, about.subject, of.crop, waiting, offered) : [];
}
