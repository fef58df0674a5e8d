import type { Rota, RotaWish } from '../api/client';

export type LineWish = RotaWish['lines'][number];

export const wishOf = (rota: Rota, line: string): LineWish =>
  rota.wish.lines.find((one) => one.line === line) ?? { line };

/** What is wanted, with one line's part changed. */
export const withLine = (wish: RotaWish, line: string, change: Partial<LineWish>): RotaWish => {
  const was = wish.lines.find((one) => one.line === line) ?? { line };
  return {
    ...wish,
    lines: [...wish.lines.filter((one) => one.line !== line), { ...was, ...change, line }],
  };
};

/** What is wanted, with one year's limits changed. */
export const withYear = (
  wish: RotaWish,
  year: number,
  change: Partial<RotaWish['years'][number]>,
): RotaWish => {
  const was = wish.years.find((one) => one.year === year) ?? { year };
  return { ...wish, years: [...wish.years.filter((one) => one.year !== year), { ...was, ...change, year }] };
};

const without = (years: number[] | undefined, year: number | null) =>
  (years ?? []).filter((one) => one !== year);

/** A growing that is moved is pinned to where it was put; where it was it need not be. */
export const movedTo = (wish: RotaWish, line: string, from: number | null, to: number | null): RotaWish => {
  const was = wish.lines.find((one) => one.line === line);
  const pinned = without(without(was?.pinned, from), to);
  return withLine(wish, line, {
    pinned: to === null ? pinned : [...pinned, to].sort((a, b) => a - b),
    // Taken out of a year, it is not to come back there by itself.
    forbidden:
      to === null && from !== null
        ? [...without(was?.forbidden, from), from].sort((a, b) => a - b)
        : without(was?.forbidden, to),
  });
};

/** Whether the growing of a line in a year was put there by the keeper. */
export const isPinned = (wish: RotaWish, line: string, year: number) =>
  wish.lines.find((one) => one.line === line)?.pinned?.includes(year) === true;
