import { useEffect, useRef } from 'react';
import {
  keepPreviousData,
  useMutation,
  useQueries,
  useQuery,
  useQueryClient,
  type QueryClient,
  type QueryKey,
} from '@tanstack/react-query';
import { keys } from './keys';
import { useLook } from './look';
import { setOut, setPresent } from './present';
import {
  api,
  mayPass,
  Refused,
  take,
  type Chosen,
  type PlaceName,
  type Round,
  type SettingSection,
} from './client';
import { findKnown } from './takenAlong';

/** While another day of the same thing is asked for, what was known of it stands. */
const sameThing =
  (which: string) =>
  <T>(last: T | undefined, query: { queryKey: QueryKey } | undefined) =>
    query?.queryKey[1] === which ? last : undefined;

const frameOn = (on: string | undefined) => ({
  queryKey: keys.frame(on),
  queryFn: () => take(api.GET('/frame', { params: { query: { on } } })),
});
const todayOn = (on: string | undefined) => ({
  queryKey: keys.today(on),
  queryFn: () => take(api.GET('/today', { params: { query: { on } } })),
});
const whoIsHere = { queryKey: keys.me(), queryFn: () => take(api.GET('/me')), staleTime: 300_000 };

/** Asks for what a page will ask for first, before any of it is drawn: over a slow network each answer that waits for another costs as much as all. */
export function askAhead(client: QueryClient, path: string, on: string | undefined) {
  void client.prefetchQuery(whoIsHere);
  void client.prefetchQuery(frameOn(on));
  if (path === '/' || path === '/today') void client.prefetchQuery(todayOn(on));
}

export function useFrame() {
  const { on } = useLook();
  return useQuery({
    ...frameOn(on),
    // While it cannot be had it is asked for more often, so that all goes on by itself when it can.
    refetchInterval: ({ state }) =>
      state.error !== null && mayPass(state.error) ? 4_000 : (state.data?.behind ?? 0) > 0 ? 1_500 : 60_000,
    placeholderData: keepPreviousData,
  });
}

export function useToday() {
  const { on } = useLook();
  return useQuery({
    ...todayOn(on),
    placeholderData: keepPreviousData,
  });
}

export type Narrowing = {
  find?: string;
  sort?: 'due' | 'name' | 'code';
  page?: number;
  /** id of the place where seed is kept */
  lies?: string;
  crop?: string;
  only?: 'last' | 'untested' | 'past';
  /** '1' for many on a page, a line each */
  lines?: string;
};

export function usePlace(place: PlaceName, narrowing: Narrowing) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.place(place, on, narrowing),
    queryFn: () =>
      take(api.GET('/places/{place}', { params: { path: { place }, query: { on, ...narrowing } } })),
    placeholderData: keepPreviousData,
  });
}

/** All that dries, how far it is, and the air it dries in. */
export function useRacks() {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.racks(on),
    queryFn: () => take(api.GET('/racks', { params: { query: { on } } })),
    placeholderData: keepPreviousData,
  });
}

/** All tests that run, dish by dish, and what wants testing next. */
export function useTrays() {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.trays(on),
    queryFn: () => take(api.GET('/trays', { params: { query: { on } } })),
    placeholderData: keepPreviousData,
  });
}

/** What was tasted blind of a planting. */
export function useTastings(code: string) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.tastings(code, on),
    queryFn: () => take(api.GET('/plantings/{code}/tastings', { params: { path: { code }, query: { on } } })),
    placeholderData: keepPreviousData,
  });
}

/** The fruit on the shelf: all of it, or that of one planting. */
export function useShelf(of: string) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.shelf(of, on),
    queryFn: () => take(api.GET('/shelf', { params: { query: { on, of: of === '' ? undefined : of } } })),
    placeholderData: keepPreviousData,
  });
}

export function useLot(code: string) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.lot(code, on),
    queryFn: () => take(api.GET('/lots/{code}', { params: { path: { code }, query: { on } } })),
    placeholderData: sameThing(code),
  });
}

/** How a lot would be parted into packets, by what is wanted of it, as typed. */
export function usePortions(code: string, wish: Record<string, string>) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.portions(code, on, wish),
    queryFn: () =>
      take(api.GET('/lots/{code}/portions', { params: { path: { code }, query: { on, wish } } })),
    placeholderData: sameThing(code),
    retry: false,
  });
}

/** What a germination test of a lot would cost and tell, by how it would be laid, as typed. */
export function useTestAhead(code: string, test: Record<string, string>) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.testAhead(code, on, test),
    queryFn: () =>
      take(api.GET('/lots/{code}/test-ahead', { params: { path: { code }, query: { on, test } } })),
    placeholderData: sameThing(code),
    retry: false,
  });
}

/** What stands on the tags of these lots and plantings, or of all that lies in a place. */
export function useTags(codes: string, place: string) {
  return useQuery({
    queryKey: keys.tags(codes, place),
    queryFn: () => take(api.GET('/tags', { params: { query: { codes, place } } })),
  });
}

/** What may be swapped or given away. */
export function useSwapList() {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.swapList(on),
    queryFn: () => take(api.GET('/swap-list', { params: { query: { on } } })),
  });
}

export function usePeople() {
  return useQuery({ queryKey: keys.people(), queryFn: () => take(api.GET('/people')) });
}

/** Labels on their way to the printer, newest first. */
export function usePrintJobs() {
  return useQuery({ queryKey: keys.printJobs(), queryFn: () => take(api.GET('/print-jobs')) });
}

export function usePlanting(code: string) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.planting(code, on),
    queryFn: () => take(api.GET('/plantings/{code}', { params: { path: { code }, query: { on } } })),
  });
}

export function useCrops() {
  return useQuery({ queryKey: keys.crops(), queryFn: () => take(api.GET('/crops')), staleTime: Infinity });
}

export function useHandbook(key: string) {
  return useQuery({
    queryKey: keys.handbook(key),
    queryFn: () => take(api.GET('/crops/{key}', { params: { path: { key } } })),
    staleTime: Infinity,
  });
}

export function useVarieties() {
  return useQuery({ queryKey: keys.varieties(), queryFn: () => take(api.GET('/varieties')) });
}

export function useStorePlaces() {
  return useQuery({ queryKey: keys.storePlaces(), queryFn: () => take(api.GET('/store-places')) });
}

export function useInstruments() {
  return useQuery({
    queryKey: keys.instruments(),
    queryFn: () => take(api.GET('/instruments')),
    refetchInterval: 60_000,
  });
}

/** What an instrument told since a day. */
export function useInstrument(id: string, from: string) {
  return useQuery({
    queryKey: keys.instrument(id, from),
    queryFn: () => take(api.GET('/instruments/{id}', { params: { path: { id }, query: { from } } })),
    placeholderData: keepPreviousData,
  });
}

/** Every place, and behind each the containers that lie in it. */
export function useHolders() {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.holders(on),
    queryFn: () => take(api.GET('/holders', { params: { query: { on } } })),
  });
}

export function useHolder(id: string) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.holder(id, on),
    queryFn: () => take(api.GET('/holders/{id}', { params: { path: { id }, query: { on } } })),
    enabled: id !== '',
    placeholderData: sameThing(id),
  });
}

/** What of the journal is wished for: by whom, of which kind, of which code, in which days. */
export type JournalWish = { by?: string; kind?: string; of?: string; from?: string; to?: string };

export function useJournal(before: string | undefined, wish: JournalWish = {}) {
  return useQuery({
    queryKey: keys.journal(before, wish),
    queryFn: () => take(api.GET('/journal', { params: { query: { before, ...wish } } })),
    placeholderData: keepPreviousData,
  });
}

/** A line for each kind of entry. */
export function useLines() {
  return useQuery({ queryKey: keys.lines(), queryFn: () => take(api.GET('/lines')) });
}

/** What a line says was done: of what it names, or else of what is looked at. */
export function useLine(text: string, about: string) {
  return useQuery({
    queryKey: keys.line(text, about),
    queryFn: () => take(api.POST('/lines/read', { body: { text, about } })),
    enabled: text.trim() !== '',
    retry: false,
  });
}

/** What can be recorded of several things at once. */
export function useMany(codes: string[]) {
  const things = codes.join(',');
  return useQuery({
    queryKey: keys.many(things),
    queryFn: () => take(api.GET('/many', { params: { query: { things } } })),
    enabled: codes.length > 0,
    placeholderData: keepPreviousData,
  });
}

/** What was done to many at once, each by itself. */
export function useAct(id: string) {
  return useQuery({
    queryKey: keys.act(id),
    queryFn: () => take(api.GET('/acts/{id}', { params: { path: { id } } })),
  });
}

export type Units = 'metric' | 'us';

export function useReckonings(units: Units = 'metric') {
  return useQuery({
    queryKey: keys.reckonings(units),
    queryFn: () => take(api.GET('/reckonings', { params: { query: { units } } })),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
}

/** The answer to a question whose inputs have been given; nothing is asked until every one it needs is there. */
export function useReckoned(name: string, inputs: Record<string, string>, units: Units, ready: boolean) {
  return useQuery({
    queryKey: keys.reckoned(name, inputs, units),
    queryFn: () =>
      take(api.GET('/reckonings/{name}', { params: { path: { name }, query: { inputs, units } } })),
    enabled: ready,
    staleTime: Infinity,
    placeholderData: sameThing(name),
  });
}

/** How past forecasts did against the tests that came after them. */
export function useForecasts() {
  return useQuery({ queryKey: keys.forecasts(), queryFn: () => take(api.GET('/forecasts')) });
}

/** Questions that tell look-alikes apart. */
export function useWhich() {
  return useQuery({ queryKey: keys.which(), queryFn: () => take(api.GET('/which')), staleTime: Infinity });
}

/** What the handbook has to say of the month that is looked at, for the crops of this garden. */
export function useSeason() {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.season(on),
    queryFn: () => take(api.GET('/season', { params: { query: { on } } })),
  });
}

/** What can be told of a packet, before anything is typed. */
export function useIntakeForm() {
  return useQuery({ queryKey: keys.intake(), queryFn: () => take(api.GET('/intake')) });
}

/** What came in as one, newest first. */
export function useIntakes() {
  return useQuery({ queryKey: keys.intakes(), queryFn: () => take(api.GET('/intakes')) });
}

export function useIntake(id: string) {
  return useQuery({
    queryKey: keys.intakeOf(id),
    queryFn: () => take(api.GET('/intakes/{id}', { params: { path: { id } } })),
  });
}

/** What the words mean that are used here. */
export function useWords() {
  return useQuery({ queryKey: keys.words(), queryFn: () => take(api.GET('/words')), staleTime: Infinity });
}

export function useFind(text: string) {
  return useQuery({
    queryKey: keys.find(text),
    queryFn: () => take(api.GET('/find', { params: { query: { text } } })),
    enabled: text.trim() !== '',
  });
}

/**
 * What follows a write that was kept. Not mutate()'s own callback: that one is dropped when the form is gone, and a
 * form goes as soon as its lot has moved on.
 */
export async function afterwards<T>(written: Promise<T>, follow: (out: T) => void): Promise<void> {
  try {
    follow(await written);
  } catch (error) {
    // A refusal stands on the form; anything else is a fault and must be heard of.
    if (!(error instanceof Refused)) throw error;
  }
}

/** ms until something that could not be sent is sent again. */
const AGAIN = 3_000;

/**
 * A write that is sent again by itself while the server cannot be reached or says that it cannot keep anything just now,
 * until it is answered or somebody stops it. What is sent has an id of its own, so that it is kept once however often it
 * arrives.
 */
export function usePersistent<In, Out>(write: (input: In) => Promise<Out>, onSuccess: (out: Out) => void) {
  const stopped = useRef(false);
  const mutation = useMutation({
    mutationFn: (input: In) => {
      // What was left alone while it waited is not sent after all.
      if (stopped.current) throw new Refused('It was left alone.', {}, 400);
      return write(input);
    },
    networkMode: 'always',
    retry: (_, error) => mayPass(error),
    retryDelay: AGAIN,
    onSuccess,
  });
  return {
    ...mutation,
    mutate: (input: In) => {
      stopped.current = false;
      mutation.mutate(input);
    },
    mutateAsync: (input: In) => {
      stopped.current = false;
      return mutation.mutateAsync(input);
    },
    stop: () => {
      stopped.current = true;
    },
  };
}

/** A write after which every list and figure is asked for again: any entry can move any of them. */
export function useWrite<In, Out>(write: (input: In) => Promise<Out>) {
  const client = useQueryClient();
  // Not waited for: what was kept is said back at once, and the lists follow.
  return usePersistent(write, () => void client.invalidateQueries());
}

/** Who is at this browser, and whether anybody must say so. */
export function useMe() {
  const me = useQuery(whoIsHere);
  const keeper = me.data?.keeper ?? undefined;
  useEffect(() => {
    if (me.data === undefined) return;
    if (me.data.signed && keeper === undefined) setOut();
    else setPresent(keeper);
  }, [me.data, keeper]);
  return me;
}

export function useKeepers() {
  return useQuery({ queryKey: keys.keepers(), queryFn: () => take(api.GET('/keepers')) });
}

/** What a link leads to that somebody was sent. */
export function useLink(link: string) {
  return useQuery({
    queryKey: keys.link(link),
    queryFn: () => take(api.POST('/join/look', { body: { link } })),
    retry: false,
    staleTime: Infinity,
  });
}

export function useCopies() {
  return useQuery({ queryKey: keys.copies(), queryFn: () => take(api.GET('/copies')), retry: false });
}

export function useChoices(of: 'lots' | 'plantings', crop?: string, enabled = true) {
  return useQuery({
    enabled,
    queryKey: keys.choices(of, crop),
    queryFn: () => take(api.GET(`/choices/${of}`, { params: { query: { crop } } })),
  });
}

/** Lots and plantings of which all that was typed is said, where the server cannot be asked. */
export function useFoundKnown(text: string, isAway: boolean): Chosen[] {
  const lots = useChoices('lots', undefined, isAway).data;
  const plantings = useChoices('plantings', undefined, isAway).data;
  return isAway ? findKnown(text, [...(lots ?? []), ...(plantings ?? [])]) : [];
}

export function useBeginnings() {
  return useQuery({
    queryKey: keys.beginnings(),
    queryFn: () => take(api.GET('/beginnings')),
    staleTime: 60_000,
  });
}

/** Every kind of entry with its form. */
export function useKinds(enabled: boolean) {
  return useQuery({
    queryKey: keys.kinds(),
    queryFn: () => take(api.GET('/kinds')),
    staleTime: Infinity,
    enabled,
  });
}

const formQuery = (name: string) => ({
  queryKey: keys.form(name),
  queryFn: () => take(api.GET('/forms/{name}', { params: { path: { name } } })),
  staleTime: Infinity,
});

export const useForm = (name: string) => useQuery(formQuery(name));

/** The fields of several forms, by name; those that have not come yet are missing. */
export const useForms = (names: string[]) =>
  useQueries({
    queries: names.map(formQuery),
    combine: (forms) => Object.fromEntries(names.map((name, i) => [name, forms[i]?.data])),
  });

export function useRound(which: Round['which']) {
  const { on } = useLook();
  return useQuery({
    queryKey: keys.round(which, on),
    queryFn: () => take(api.GET('/rounds/{which}', { params: { path: { which }, query: { on } } })),
  });
}

export function useSettings() {
  return useQuery({ queryKey: keys.settings(), queryFn: () => take(api.GET('/settings')) });
}

/** Keeps one setting. What the server says of it stands on the page at once, whatever else is still being read anew. */
export function useKeepSetting(key: string) {
  const client = useQueryClient();
  return useWrite(async ({ value, evenSo }: { value: string; evenSo: boolean }) => {
    const body = { value, ...(evenSo && { even_so: true }) };
    const now = await take(api.PUT('/settings/{key}', { params: { path: { key } }, body }));
    client.setQueryData<SettingSection[]>(keys.settings(), (sections) =>
      sections?.map((section) => ({
        ...section,
        settings: section.settings.map((setting) => (setting.field.key === key ? now : setting)),
      })),
    );
    // What is set for one crop stands on its page.
    const [, crop] = key.split(':');
    if (crop !== undefined) void client.invalidateQueries({ queryKey: keys.handbook(crop) });
    return now;
  });
}
