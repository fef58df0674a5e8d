/** What is known of a sowing before anything is typed. */
export type KnownSowing = {
  /** what it is the sowing of, so that what is typed is kept for it: a planting of a plan, a packet */
  planned: string;
  variety: string;
  plants?: number | null;
  lot?: string | null;
  packet?: string | null;
  seeds?: number | null;
};

const keys = ['planned', 'variety', 'plants', 'lot', 'packet', 'seeds'] as const;

/** The form of a new planting, with that filled in. */
export const sowing = (known: KnownSowing): string =>
  `/plot/new?${new URLSearchParams(
    keys.flatMap((key) =>
      known[key] === null || known[key] === undefined ? [] : [[key, String(known[key])]],
    ),
  ).toString()}`;
