/** What is known of a sowing before anything is typed. */
export type KnownSowing = {
  /** what it is the sowing of, so that what is typed is kept for it: a planting of a plan, a packet */
  planned: string;
  variety: string;
  plants?: number | null;
  lot?: string | null;
  packet?: string | null;
  seeds?: number | null;
  /** 1 where it is sprouts of a germination test that are potted on */
  sprouts?: 1;
};

const keys = ['planned', 'variety', 'plants', 'lot', 'packet', 'seeds', 'sprouts'] as const;

/** The form of a new planting, with that filled in. */
export const sowing = (known: KnownSowing): string =>
  `/plot/new?${new URLSearchParams(
    keys.flatMap((key) =>
      known[key] === null || known[key] === undefined ? [] : [[key, String(known[key])]],
    ),
  ).toString()}`;
