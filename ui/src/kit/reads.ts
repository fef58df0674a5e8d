import { createContext } from 'react';

/** What an instrument said: the figure as it is typed, or none and why. */
export type Read = { value: string | null; said: string };

/** How fields are filled by instruments; where there are none, nothing is offered. */
export type Reads = {
  /** units of the core that something here can tell */
  units: string[];
  read: (unit: string) => Promise<Read>;
};

export const ReadsContext = createContext<Reads>({
  units: [],
  read: async () => ({ value: null, said: '' }),
});
