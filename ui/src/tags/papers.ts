/** What tags are printed on. All lengths are millimetres. */
export type Paper = {
  key: string;
  label: string;
  /** of the page that is printed */
  page: { width: number; height: number };
  /** of one tag */
  tag: { width: number; height: number };
  columns: number;
  rows: number;
  /** a packet to fold, instead of a tag to stick on */
  folds?: boolean;
};

const A4 = { name: 'A4', width: 210, height: 297 };
const LETTER = { name: 'Letter', width: 215.9, height: 279.4 };

/** Printers leave so much of a sheet white. */
const MARGIN = 8;

function sheet(paper: typeof A4, columns: number, rows: number): Paper {
  return {
    key: `${paper.name.toLowerCase()}-${columns * rows}`,
    label: `${paper.name}, ${columns * rows} to a sheet`,
    page: paper,
    tag: { width: (paper.width - 2 * MARGIN) / columns, height: (paper.height - 2 * MARGIN) / rows },
    columns,
    rows,
  };
}

function quarter(paper: typeof A4): Paper {
  return {
    key: `${paper.name.toLowerCase()}-fold`,
    label: `${paper.name}, four packets to fold`,
    page: paper,
    tag: { width: paper.width / 2, height: paper.height / 2 },
    columns: 2,
    rows: 2,
    folds: true,
  };
}

function roll(width: number, height: number): Paper {
  return {
    key: `roll-${width}`,
    label: `Roll, ${width} mm wide`,
    page: { width, height },
    tag: { width, height },
    columns: 1,
    rows: 1,
  };
}

export const papers: Paper[] = [
  sheet(A4, 2, 4),
  sheet(A4, 3, 7),
  sheet(A4, 4, 11),
  sheet(LETTER, 2, 4),
  sheet(LETTER, 3, 7),
  sheet(LETTER, 4, 10),
  quarter(A4),
  quarter(LETTER),
  roll(29, 62),
  roll(38, 60),
  roll(50, 40),
  roll(62, 50),
  roll(100, 62),
];

export const paperOf = (key: string | null): Paper =>
  papers.find((paper) => paper.key === key) ?? (papers[0] as Paper);

/** The tags of one page after another. */
export function pages<T>(tags: T[], paper: Paper): T[][] {
  const each = paper.columns * paper.rows;
  return Array.from({ length: Math.ceil(tags.length / each) }, (_, page) =>
    tags.slice(page * each, (page + 1) * each),
  );
}

export type Fit = 'full' | 'short' | 'least';

/** How much is said where there is so much room: nothing is cut off, less is said. */
export function fitOf({ width, height }: { width: number; height: number }): Fit {
  if (width >= 85 && height >= 48) return 'full';
  return width >= 45 && height >= 33 ? 'short' : 'least';
}

/** Where the sheet of a packet is folded: a flap, the front on which the tag stands, and a back that is folded up behind it. */
export function folds({ width, height }: { width: number; height: number }) {
  const side = 14;
  const flap = 24;
  const front = (height - flap) / 2;
  return { side, flap, front, inner: width - 2 * side };
}
