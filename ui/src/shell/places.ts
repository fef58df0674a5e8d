import type { PlaceName } from '../api/client';
import type { Narrowing } from '../api/queries';

export type PageName = 'today' | PlaceName | 'books';

type Page = {
  title: string;
  /** what is to be found there */
  of: string;
  /** One strong colour a place. It marks that place's spine and nothing else; the name always stands beside it. */
  enamel: string;
};

type Place = Page & {
  /** what belongs there and how it gets there, said while there is nothing */
  empty: string;
  /** in what order its list can stand; the first is how it opens */
  orders: [NonNullable<Narrowing['sort']>, string][];
};

/** The places of the work, in the order in which seed goes through them. All that the interface knows of a place. */
export const places: Record<PlaceName, Place> = {
  plot: {
    title: 'Plot',
    of: 'plants in the ground',
    enamel: '#12854b',
    empty:
      'Nothing is growing. A planting comes here when you record that a variety was sown: press New planting.',
    orders: [
      ['due', 'unpicked first'],
      ['name', 'by name'],
      ['code', 'by code'],
    ],
  },
  bench: {
    title: 'Bench',
    of: 'seed being cleaned',
    enamel: '#d99a00',
    empty:
      'Nothing is being cleaned. A lot comes to the bench when you record a picking from a planting on the Plot; what came from elsewhere in its fruit or pods, with Seed or fruit in hand.',
    orders: [
      ['due', 'waiting longest'],
      ['name', 'by name'],
      ['code', 'by code'],
    ],
  },
  racks: {
    title: 'Racks',
    of: 'seed drying',
    enamel: '#c0407a',
    empty: 'Nothing is drying. Seed comes to the racks when it is clean and you record that it was spread.',
    orders: [
      ['due', 'waiting longest'],
      ['name', 'by name'],
      ['code', 'by code'],
    ],
  },
  trays: {
    title: 'Trays',
    of: 'germination tests',
    enamel: '#6a4bc4',
    empty: 'No germination test is running. Start one from the worksheet of any clean lot.',
    orders: [
      ['due', 'running first'],
      ['name', 'by name'],
      ['code', 'by code'],
    ],
  },
  store: {
    title: 'Store',
    of: 'seed put away',
    enamel: '#1766c2',
    empty:
      'The store is empty. Seed comes here when it is dry and you record what it was put into; what you have already comes in with Seed from elsewhere.',
    orders: [
      ['due', 'ends soonest'],
      ['name', 'by name'],
      ['code', 'by code'],
    ],
  },
};

export type LotPlace = Exclude<PlaceName, 'plot'>;

/** Where lots lie: all but the plot, where plantings stand. */
export const lotPlaces = (Object.keys(places) as PlaceName[]).filter(
  (name): name is LotPlace => name !== 'plot',
);

export const pages: Record<PageName, Page> = {
  today: { title: 'Today', of: 'what is due', enamel: '#5b6b73' },
  ...places,
  books: { title: 'Books', of: 'handbook and journal', enamel: '#0c8a94' },
};

/** In the order in which they stand beside one another. */
export const pageNames = Object.keys(pages) as PageName[];
