import type { IntakeLine } from '../api/client';
import type { Table } from '../kit/spreadsheet';

/** What was written of one packet, by column. */
export type Cells = Record<string, string>;

/** A packet that waits to be taken in. */
export type StockLine = { id: string; cells: Cells };

/** What stays as it was when the next packet is written: seed comes out of one bag, from one giver, and goes into one place. */
export const CARRIED = ['from', 'how', 'container', 'place'] as const;

export const next = (cells: Cells): Cells =>
  Object.fromEntries(CARRIED.flatMap((key) => (cells[key] ? [[key, cells[key]]] : [])));

export const isEmpty = (cells: Cells): boolean =>
  Object.entries(cells).every(
    ([key, text]) => text.trim() === '' || (CARRIED as readonly string[]).includes(key),
  );

/** Which column of a list is which of ours; empty of one that is left out. */
export type Matched = { hasHeadings: boolean; columns: string[] };

/** The lines of a list. What several columns tell in the note stands there one below the other, each by its heading. */
export function linesOf(
  table: Table,
  { hasHeadings, columns }: Matched,
  id: (row: number) => string,
): StockLine[] {
  const headings = hasHeadings ? (table[0] ?? []) : [];
  return table.slice(hasHeadings ? 1 : 0).map((row, at) => {
    const cells: Cells = {};
    columns.forEach((column, i) => {
      const text = (row[i] ?? '').trim();
      if (column === '' || text === '') return;
      const said =
        column === 'note' && columns.filter((key) => key === 'note').length > 1 && headings[i]
          ? `${headings[i]}: ${text}`
          : text;
      cells[column] = cells[column] === undefined ? said : `${cells[column]}\n${said}`;
    });
    return { id: id(at), cells };
  });
}

export type Status = IntakeLine['status'];

export type Tally = Record<Status, number> & {
  lines: number;
  unread: number;
  crops: number;
  newPlaces: string[];
};

export function tally(lines: StockLine[], read: ReadonlyMap<string, IntakeLine>): Tally {
  const sum: Tally = {
    lines: lines.length,
    unread: 0,
    ready: 0,
    doubtful: 0,
    stopped: 0,
    stands: 0,
    crops: 0,
    newPlaces: [],
  };
  const crops = new Set<string>();
  const places = new Map<string, string>();
  for (const { id } of lines) {
    const line = read.get(id);
    if (line === undefined) {
      sum.unread++;
      continue;
    }
    sum[line.status]++;
    if (line.shown['crop'] !== undefined) crops.add(line.shown['crop']);
    if (line.new_place !== '') places.set(line.new_place.toLowerCase(), line.new_place);
  }
  return { ...sum, crops: crops.size, newPlaces: [...places.values()] };
}

/** The lines in which something is to be mended stand first, as far as they were read. */
export function inOrder(lines: StockLine[], read: ReadonlyMap<string, IntakeLine>): StockLine[] {
  const rank = (line: StockLine) => (read.get(line.id)?.status === 'stopped' ? 0 : 1);
  return lines
    .map((line, at) => ({ line, at }))
    .sort((a, b) => rank(a.line) - rank(b.line) || b.at - a.at)
    .map(({ line }) => line);
}

/** One cell written otherwise; of a list, wherever it says the same. */
export const mended = (lines: StockLine[], column: string, was: string, is: string): StockLine[] =>
  lines.map((line) =>
    (line.cells[column] ?? '').trim() === was.trim()
      ? { ...line, cells: { ...line.cells, [column]: is } }
      : line,
  );
