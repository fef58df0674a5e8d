import type { PlaceName } from '../api/client';

/** The places of the work, in the order in which seed goes through them. */
export type PageName = 'today' | PlaceName | 'books';

export const pages: { name: PageName; title: string; of: string }[] = [
  { name: 'today', title: 'Today', of: 'what is due' },
  { name: 'plot', title: 'Plot', of: 'plants in the ground' },
  { name: 'bench', title: 'Bench', of: 'seed being cleaned' },
  { name: 'racks', title: 'Racks', of: 'seed drying' },
  { name: 'trays', title: 'Trays', of: 'germination tests' },
  { name: 'store', title: 'Store', of: 'seed put away' },
  { name: 'books', title: 'Books', of: 'handbook and journal' },
];

export const titleOf = (name: PageName) => pages.find((page) => page.name === name)?.title ?? name;
