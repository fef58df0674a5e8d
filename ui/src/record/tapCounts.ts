/** What was pressed, in order: which dish each time. */
export type Taps = number[];

/** One more in a dish; what cannot be read there counts from nothing, and in a dish that was not pressed nothing is up. */
export const oneMore = (counts: string[], dish: number): string[] =>
  counts.map((count, i) => (i === dish ? String(figure(count) + 1) : count.trim() === '' ? '0' : count));

/** The last press taken back; what was typed since stays above nothing. */
export function undone(counts: string[], taps: Taps): { counts: string[]; taps: Taps } {
  const last = taps.at(-1);
  return last === undefined
    ? { counts, taps }
    : {
        counts: counts.map((count, i) => (i === last ? String(Math.max(0, figure(count) - 1)) : count)),
        taps: taps.slice(0, -1),
      };
}

export const figure = (count: string): number => {
  const read = Number(count);
  return Number.isInteger(read) && read > 0 ? read : 0;
};
