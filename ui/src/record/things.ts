import type { Draft } from '../api/client';
import type { ReferenceInputs } from '../kit/fields';
import { later } from '../kit/Coming';

// A list to choose from comes with the first form that asks for one.
const shape = { lines: 1, height: 52 };
const LotInput = later(async () => (await import('./ThingInput')).LotInput, shape);
const PlantingInput = later(async () => (await import('./ThingInput')).PlantingInput, shape);
const VesselInput = later(async () => (await import('./VesselInput')).VesselInput, shape);
const PlaceInput = later(async () => (await import('./PlaceInput')).PlaceInput, shape);

export type Subject = Draft['about']['subject'];

type Sort = {
  one: string;
  many: string;
  /** with which its code begins; none where it goes by its id */
  letter?: string;
  /** the page of one, by its code or its id */
  page: (key: string) => string;
  /** how one is chosen, in a field that refers to it; none where another sort's field has these, too */
  input?: ReferenceInputs[string];
  /** how another is chosen, where what was recorded of one may turn out to be of that */
  other?: typeof LotInput;
};

/** Everything that entries can be about, and all that the interface knows of it. */
export const things: Record<Subject, Sort> = {
  lot: {
    one: 'lot',
    many: 'lots',
    letter: 'L',
    page: (code) => `/lots/${code}`,
    input: LotInput,
    other: LotInput,
  },
  planting: {
    one: 'planting',
    many: 'plantings',
    letter: 'P',
    page: (code) => `/plot/${code}`,
    input: PlantingInput,
    other: PlantingInput,
  },
  place: { one: 'place', many: 'places', page: (id) => `/store/where/${id}`, input: PlaceInput },
  container: {
    one: 'container',
    many: 'containers',
    page: (id) => `/store/where/${id}`,
    input: VesselInput,
  },
};

/** Where one is looked at, by what lists say of it. */
export const pageOf = ({ subject, of, name }: { subject: Subject; of: string; name: string }) =>
  things[subject].page(things[subject].letter === undefined ? of : name);

const lettered = Object.values(things).filter(({ letter }) => letter !== undefined);

/** What a code is of. */
export const sortOfCode = (code: string) =>
  lettered.find(({ letter }) => letter !== undefined && code.startsWith(letter)) ?? things.lot;

/** Where what has a code is looked at. */
export const pageOfCode = (code: string) => sortOfCode(code).page(code);

/** The code within an address, where there is one. */
export const codeIn = (address: string) =>
  new RegExp(`(?<=/)[${lettered.map(({ letter }) => letter).join('')}]\\d+`).exec(address)?.[0] ?? '';
