import type { QueryClient, QueryKey } from '@tanstack/react-query';

type Day = string | undefined;

/** What is asked of the server, each by its key; nobody writes one down a second time. The first part says what it is of. */
export const keys = {
  frame: (on: Day) => ['frame', on],
  today: (on: Day) => ['today', on],
  place: (place: string, on: Day, narrowing: object) => ['place', place, on, narrowing],
  racks: (on: Day) => ['place', 'racks', on, 'glance'],
  trays: (on: Day) => ['place', 'trays', on, 'glance'],
  shelf: (of: string, on: Day) => ['place', 'shelf', on, of],
  then: (day: string, page: number) => ['then', day, page],
  lot: (code: string, on: Day) => ['lot', code, on],
  family: (code: string) => ['lot', code, undefined, 'family'],
  familyOfVariety: (id: string) => ['varieties', id, 'family'],
  road: (code: string) => ['lot', code, undefined, 'road'],
  crossed: (code: string, on: Day) => ['lot', code, on, 'crossed'],
  kin: (code: string, other: string) => ['lot', code, undefined, 'kin', other],
  planting: (code: string, on: Day) => ['planting', code, on],
  tastings: (code: string, on: Day) => ['planting', code, on, 'tastings'],
  photograph: (id: string) => ['photograph', id],
  holders: (on: Day) => ['holders', '', on],
  holder: (id: string, on: Day) => ['holders', id, on],
  testAhead: (code: string, on: Day, test: object) => ['testAhead', code, on, test],
  portions: (code: string, on: Day, wish: object) => ['portions', code, on, wish],
  tags: (codes: string, place: string) => ['tags', codes, place],
  swapList: (on: Day) => ['swap-list', on],
  people: () => ['people'],
  printJobs: () => ['print-jobs'],
  crops: () => ['crops'],
  handbook: (key: string) => ['handbook', key],
  figures: (crop: string, variety: string) => ['figures', crop, variety],
  varieties: () => ['varieties'],
  storePlaces: () => ['store-places'],
  journal: (before: string | undefined, wish: object) => ['journal', before, wish],
  reckonings: (units: string) => ['reckonings', units],
  reckoned: (name: string, inputs: object, units: string) => ['reckoned', name, inputs, units],
  forecasts: () => ['forecasts'],
  which: () => ['which'],
  season: (on: Day) => ['season', on],
  intake: () => ['intake'],
  intakes: () => ['intakes', ''],
  intakeOf: (id: string) => ['intakes', id],
  words: () => ['words'],
  find: (text: string) => ['find', text],
  lines: () => ['lines'],
  line: (text: string, about: string) => ['line', text, about],
  me: () => ['me'],
  keepers: () => ['keepers'],
  link: (word: string) => ['link', word],
  copies: () => ['copies'],
  choices: (of: string, crop?: string) => ['choices', of, crop],
  beginnings: () => ['beginnings'],
  kinds: () => ['kinds'],
  many: (codes: string) => ['many', codes],
  act: (id: string) => ['act', id],
  form: (name: string) => ['form', name],
  round: (which: string, on: Day) => ['round', which, on],
  settings: () => ['settings'],
  instruments: () => ['instruments', ''],
  instrument: (id: string, from: string) => ['instruments', id, from],
  plans: () => ['plans'],
  plan: (year: number) => ['plan', year],
  rota: () => ['rota', ''],
  rotaPlay: (work: string) => ['rota', work, 'play'],
  rotaMoved: (work: string, line: string, from: number | null, to: number | null) => [
    'rota',
    work,
    'moved',
    line,
    from,
    to,
  ],
  remedies: (year: number, version: number, wish: object) => ['remedies', year, version, wish],
} satisfies Record<string, (...parts: never[]) => QueryKey>;

/** What a thing of its own is asked by: by its code or its id, which stands second. */
const ofThings = new Set(['lot', 'planting', 'holders', 'portions', 'testAhead']);

/** What shows entries of whatever things there are, but nothing that is reckoned from a word that was told. */
const ofWords = new Set(['journal', 'act', 'find', 'place']);

/** Asks anew for what an answer says that it touches: of some things all that is their own, or of anything everything. */
export const refresh = (client: QueryClient, touches: string[] | null) =>
  client.invalidateQueries(
    touches === null
      ? {}
      : {
          predicate: ({ queryKey: [of, which] }) =>
            ofWords.has(String(of)) || (ofThings.has(String(of)) && touches.includes(String(which))),
        },
  );
