import {
  dehydrate,
  hydrate,
  useMutation,
  useQueryClient,
  type Mutation,
  type MutationCache,
  type QueryClient,
} from '@tanstack/react-query';
import { createStore, del, set, values, type UseStore } from 'idb-keyval';
import { useCallback, useEffect, useRef, useSyncExternalStore } from 'react';
import { v5, v7 } from 'uuid';
import { setOnItsWay } from '../kit/draft';
import { isInDemo } from './garden';
import { isTheirs, presentNow } from './present';
import { mayPass, Refused, type Answered, type Draft } from './client';
import { recordAll, recordAtOnce, recordOnce, strike } from './entries';
import { readWritten } from './lines';
import { lookForRoom, setRoom } from './room';
import { gathering, keptBefore, sendTogether } from './together';

/**
 * Everything that is recorded leaves by here, and nothing else posts entries: one queue, in the order in which it was
 * pressed. It lies in the browser's own database until it is answered, so that a reload loses nothing; what it is has an id
 * of its own, so that it is kept once however often it arrives.
 */
type Told = {
  /** what it is called while it waits */
  title: string;
  /** what happened: all of it is kept, or none */
  drafts?: Draft[];
  /** the id of what is done to many at once: then each of the drafts is kept by itself, unless all of it or none is */
  act?: string;
  whole?: boolean;
  /** what is struck, or brought back, and the id of that */
  strikes?: { entry: string; id: string };
  /** what it was typed into, which goes once it is kept */
  form?: string;
  /** a line as it was written, where nobody could read it: it is read when it is sent */
  line?: { text: string; about: string; at: string };
  /** the page on which it was pressed */
  at?: string;
  /** id of the keeper who pressed it, where one signs in */
  by?: string;
};

/** One press of a key. */
export type Sent = Told & { press: string };

type Recording = Mutation<Answered, Error, Sent>;

const KEY = ['record'];

/** ms until something that could not be sent is sent again. */
const AGAIN = 3_000;

/** What lies under such a name was pressed, and is not in the database yet. */
const AT_HAND = 'sent:';

type Kept = ReturnType<typeof dehydrate>;

/** What was left alone while it waited is not sent after all. */
const left = new Set<string>();

/** Where what waits lies over a reload; a browser that has no such place keeps it as long as the page is open. */
let place: UseStore | undefined;
const shelf = () => (place ??= createStore(isInDemo() ? 'marrow-demo' : 'marrow', 'outbox'));
const quietly = (what: () => Promise<unknown>) =>
  Promise.resolve()
    .then(what)
    .catch(() => undefined);

/** It waits for whoever pressed it, and is never sent as somebody else's. */
async function post(sent: Sent, behind: Sent[]): Promise<Answered> {
  if (!isTheirs(sent.by))
    throw new Refused('Somebody else recorded this: it waits until they sign in here again.', {}, 401);
  if (sent.line !== undefined)
    return readWritten(sent.line, sent.press).then((drafts) =>
      post(
        {
          ...sent,
          line: undefined,
          drafts,
          ...(drafts.length > 1 && { act: v5('act', sent.press), whole: true }),
        },
        [],
      ),
    );
  if (sent.strikes !== undefined) return strike(sent.strikes.entry, sent.strikes.id);
  const [first, ...more] = sent.drafts ?? [];
  if (first === undefined) throw new Refused('There is nothing to record.', {}, 400);
  if (sent.act !== undefined) return recordAtOnce([first, ...more], sent.act, sent.whole === true);
  if (more.length > 0) return recordAll([first, ...more]);
  await sendTogether(sent, behind);
  return keptBefore(sent.press) ?? recordOnce(first);
}

/**
 * @param follow what follows once something was kept: what that touches, or that it may be anything
 */
export function openOutbox(client: QueryClient, follow: (touches: string[] | null) => void) {
  const follows = gathering(follow);
  /** What waits behind one that is sent. */
  const behind = (sent: Sent): Sent[] => {
    const waiting = recordings(client.getMutationCache())
      .filter(({ state }) => state.status === 'pending')
      .flatMap(({ state }) => state.variables ?? []);
    return waiting.slice(waiting.findIndex(({ press }) => press === sent.press) + 1);
  };
  client.setMutationDefaults(KEY, {
    mutationFn: async (sent: Sent): Promise<Answered> => {
      const answer = keptBefore(sent.press);
      if (answer !== undefined) return answer;
      if (left.has(sent.press)) throw new Refused('It was left alone.', {}, 400);
      return post(
        asLate(sent),
        behind(sent)
          .filter(({ press }) => !left.has(press))
          .map(asLate),
      );
    },
    // One after another: what was pressed later may rest on what was pressed first.
    scope: { id: 'journal' },
    networkMode: 'always',
    retry: (_: number, error: unknown) => error instanceof Error && mayPass(error),
    retryDelay: AGAIN,
    gcTime: Infinity,
    onMutate: (sent: Sent) =>
      keep(client, sent).then(
        () => void lookForRoom(),
        // It is sent all the same, as long as the page is open.
        () => setRoom('none'),
      ),
    onSuccess: (saved: unknown, sent: Sent) => follows(saved as Answered, behind(sent).length > 0),
    // What was refused with nobody at its form stays until somebody has read so.
    onSettled: (_: unknown, error: unknown, sent: Sent) =>
      error !== null && isResumed(sent) ? undefined : forget(sent.press),
  });
}

/** Before it is sent for the first time it lies where a reload finds it. */
async function keep(client: QueryClient, sent: Sent) {
  const own = dehydrate(client, {
    shouldDehydrateQuery: () => false,
    shouldDehydrateMutation: ({ state }) => state.variables === sent && state.status === 'pending',
  });
  // The database takes its time; who closes the page in that very moment has recorded it all the same.
  const isAtHand = layAtHand(sent.press, own);
  try {
    await set(sent.press, own, shelf());
    if (isAtHand) localStorage.removeItem(atHandName(sent.press));
  } catch (error) {
    if (!isAtHand) throw error;
  }
}

/** It was answered, or is not to be sent after all. */
async function forget(press: string) {
  await quietly(async () => localStorage.removeItem(atHandName(press)));
  await quietly(() => del(press, shelf()));
}

const atHandName = (press: string) => `${isInDemo() ? 'demo-' : ''}${AT_HAND}${press}`;

/** @returns whether there was room for it */
function layAtHand(press: string, own: Kept): boolean {
  try {
    localStorage.setItem(atHandName(press), JSON.stringify(own));
    return true;
  } catch {
    return false;
  }
}

/** What was pressed in the moment in which the page was closed, or what the database had no room for. */
function atHand(): Kept[] {
  try {
    return Object.keys(localStorage)
      .filter((name) => name.startsWith(atHandName('')))
      .map((name) => JSON.parse(localStorage.getItem(name) ?? '') as Kept);
  } catch {
    return [];
  }
}

/** What was pressed before the page was loaded anew, and was not answered, goes on. */
export async function resume(client: QueryClient): Promise<void> {
  void lookForRoom();
  const kept = ((await quietly(() => values(shelf()))) ?? []) as Kept[];
  const pressed = new Set<string>();
  const mutations = [...kept, ...atHand()]
    .flatMap((one) => one.mutations)
    .filter(({ state }) => {
      const { press } = state.variables as Sent;
      return !pressed.has(press) && pressed.add(press);
    });
  mutations.sort((a, b) => a.state.submittedAt - b.state.submittedAt);
  hydrate(client, { queries: [], mutations });
  for (const one of recordings(client.getMutationCache()))
    if (mutations.some(({ state }) => state.variables === one.state.variables)) {
      goesOn(one);
      // Whoever is told looks at it there; here nothing waits for it.
      void one.continue().catch(() => undefined);
    }
  told();
}

const resumed = new Set<Recording>();

/** Nobody waits for its answer at its form; what was typed stays until it is kept. */
function goesOn(one: Recording) {
  resumed.add(one);
  if (one.state.variables?.form !== undefined) setOnItsWay(one.state.variables.form, true);
}

const isResumed = (sent: Sent) => [...resumed].some(({ state }) => state.variables === sent);

/** Nobody can be asked about it: what does not fit any more is kept, and wants a decision. */
const asLate = (sent: Sent): Sent =>
  isResumed(sent) ? { ...sent, drafts: sent.drafts?.map((draft) => ({ ...draft, late: true })) } : sent;

const recordings = (cache: MutationCache) => cache.findAll({ mutationKey: KEY }) as unknown as Recording[];

/** What was pressed before the page was loaded anew, or where there is no network: no form waits for its answer any more. */
export type Waiting = {
  id: string;
  title: string;
  form?: string;
  at?: string;
  drafts: Draft[];
  error: Error | null;
  why: Error | null;
  leave: () => void;
};

const listeners = new Set<() => void>();
let list: Waiting[] = [];

/** ms between two times that the pages hear of it: each is drawn anew, and of a walk's worth every step would be. */
const PAUSE = 80;

let last = 0;
let later: ReturnType<typeof setTimeout> | undefined;

function told() {
  const wait = last + PAUSE - Date.now();
  if (wait > 0) {
    later ??= setTimeout(tell, wait);
    return;
  }
  tell();
}

function tell() {
  clearTimeout(later);
  later = undefined;
  last = Date.now();
  list = [...resumed].flatMap((one): Waiting[] => {
    const { status, variables: sent, error, failureReason } = one.state;
    if (sent === undefined || status === 'success' || status === 'idle') return [];
    return [
      {
        id: sent.press,
        title: sent.title,
        form: sent.form,
        at: sent.at,
        drafts: sent.drafts ?? [],
        error,
        why: failureReason,
        leave: () => {
          left.add(sent.press);
          resumed.delete(one);
          // What was typed is not lost with it: it can be gone on with, changed, and kept.
          if (sent.form !== undefined) setOnItsWay(sent.form, false);
          void forget(sent.press);
          told();
        },
      },
    ];
  });
  for (const listener of listeners) listener();
}

/** What waits from before the page was loaded anew, and what of that was refused. */
export const useResumed = (): Waiting[] =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => list,
  );

/** Tells of what is resumed as it goes on; `kept` hears of what was kept of it. */
export function watch(client: QueryClient, kept: (saved: Answered, sent: Sent) => void): () => void {
  return client.getMutationCache().subscribe(({ mutation }) => {
    const one = mutation as unknown as Recording;
    if (!resumed.has(one)) return;
    const form = one.state.variables?.form;
    if (form !== undefined && one.state.status !== 'pending') setOnItsWay(form, false);
    if (one.state.status === 'success') {
      resumed.delete(one);
      if (one.state.data !== undefined && one.state.variables !== undefined)
        kept(one.state.data, one.state.variables);
    }
    told();
  });
}

/** Records where nobody stands at a form. */
export const send = (client: QueryClient, told: Told): Promise<Answered> =>
  client
    .getMutationCache()
    .build<Answered, Error, Sent, unknown>(client, client.defaultMutationOptions({ mutationKey: KEY }))
    .execute({ ...told, press: v7(), by: presentNow()?.id });

/** The same where nobody waits for the answer: it is told of with what waits. */
export function sendLater(client: QueryClient, what: Told) {
  void send(client, what).catch(() => undefined);
  const one = recordings(client.getMutationCache()).at(-1);
  if (one?.state.status === 'pending') goesOn(one);
  told();
}

/**
 * Records what happened. What is refused or asked is the error; while the server cannot be reached it is sent again by
 * itself, until it is answered or somebody stops it.
 */
export function useRecord<In>(make: (input: In) => Told) {
  const client = useQueryClient();
  const mutation = useMutation<Answered, Error, Sent>({ mutationKey: KEY });
  const last = useRef<Sent | null>(null);
  const handOver = useCallback(() => {
    const one = recordings(client.getMutationCache()).find(
      ({ state }) => state.variables?.press === last.current?.press,
    );
    if (one === undefined || one.state.status !== 'pending') return;
    goesOn(one);
    told();
  }, [client]);
  const isAway = mutation.isPending && mutation.failureReason !== null && !navigator.onLine;
  useEffect(() => {
    // In the garden it is counted with what waits, whatever was pressed.
    if (isAway) handOver();
  }, [isAway, handOver]);
  // So it is where whoever pressed it goes elsewhere before it is answered.
  useEffect(() => handOver, [handOver]);
  return {
    ...mutation,
    mutateAsync: (input: In) => {
      const sent = { ...make(input), press: v7(), by: presentNow()?.id };
      last.current = sent;
      return mutation.mutateAsync(sent);
    },
    stop: () => {
      if (last.current !== null) left.add(last.current.press);
    },
    /** It goes on by itself with nobody at its form, and what becomes of it is told. */
    handOver,
  };
}

export const useStrike = () =>
  useRecord(({ entry, title }: { entry: string; title: string }) => ({
    title,
    strikes: { entry, id: v7() },
  }));
