import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Rota, type RotaPlay, type RotaWish } from '../api/client';
import { keys } from '../api/keys';
import { usePersistent } from '../api/queries';
import { follow, Stopped, stopWork, type Work } from '../api/works';

const begin = () => take(api.POST('/rota', { body: {} }));

/** The best rota, or the best so far while it is looked for. */
export function useRota() {
  const [work, setWork] = useState<Work>();
  const found = useQuery({
    queryKey: keys.rota(),
    queryFn: async ({ signal }) => {
      const done = await follow(begin, signal, setWork);
      return { work: done.id, rota: done.found as Rota };
    },
    retry: false,
    refetchOnWindowFocus: false,
  });
  const looking = work !== undefined && (work.state === 'waiting' || work.state === 'going');
  const soFar = work?.found as Rota | null | undefined;
  const stopped = found.error instanceof Stopped;
  return {
    /** id of the work whose rota this is */
    work: looking || stopped ? (soFar ? work?.id : found.data?.work) : found.data?.work,
    rota: looking || stopped ? (soFar ?? found.data?.rota) : found.data?.rota,
    looking,
    share: work?.share ?? 0,
    stopped,
    error: stopped ? null : found.error,
    stop: () => void (work !== undefined && stopWork(work.id)),
  };
}

/** A change of what is wanted: the rota is looked for anew. */
export function useRotaWrite<In>(write: (input: In) => Promise<unknown>) {
  const client = useQueryClient();
  return usePersistent(write, () => {
    void client.invalidateQueries({ queryKey: keys.rota().slice(0, 1) });
    void client.invalidateQueries({ queryKey: keys.plans() });
    void client.invalidateQueries({ queryKey: keys.plan(0).slice(0, 1) });
    void client.invalidateQueries({ queryKey: keys.today(undefined).slice(0, 1) });
  });
}

export const saveWish = (version: number) => (change: { wish: RotaWish; said: string }) =>
  take(api.PUT('/rota/wish', { body: { version, ...change } }));

export const agreeOn = (work: string) => () => take(api.POST('/rota/agreed', { body: { work } }));

export const intoPlan = (change: { year: number; lines: string[]; apart: boolean }) =>
  take(api.POST('/rota/plan', { body: change }));

/** What the rota comes to, played a thousand times; not before it is asked for. */
export function usePlay(work: string | undefined, asked: boolean) {
  const [share, setShare] = useState(0);
  const played = useQuery({
    queryKey: keys.rotaPlay(work ?? ''),
    queryFn: async ({ signal }) => {
      const done = await follow(
        () => take(api.POST('/rota/play', { body: {} })),
        signal,
        ({ share: now }) => setShare(now),
      );
      return done.found as RotaPlay;
    },
    enabled: asked && work !== undefined,
    retry: false,
    refetchOnWindowFocus: false,
  });
  return { played, share };
}

/** What it costs to move a growing; null leaves out where it came from or goes to. */
export function useMoved(move: { work: string; line: string; from: number | null; to: number | null }) {
  const asked = (ways: boolean) => ({
    queryKey: [...keys.rotaMoved(move.work, move.line, move.from, move.to), ways],
    queryFn: () => take(api.POST('/rota/moved', { body: { ...move, ways } })),
    retry: false,
    refetchOnWindowFocus: false,
    staleTime: Infinity,
  });
  // What it costs is said at once; what could be given up takes a moment more.
  const moved = useQuery(asked(false));
  const ways = useQuery({ ...asked(true), enabled: moved.data?.fits === false });
  return { data: ways.data ?? moved.data, error: moved.error ?? ways.error, isLooking: ways.isFetching };
}
