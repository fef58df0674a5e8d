import dayjs from 'dayjs';

/** Figures and days as they are said; the sentences themselves come from the server. */
export const percent = (share: number) => `${Math.round(share * 100)} %`;

export const grams = (g: number) => `${g >= 100 ? Math.round(g) : Number(g.toFixed(g >= 1 ? 1 : 3))} g`;

export const moisture = (m: number) => `${m.toFixed(1)} %`;

/** A moment in the form of the person's own browser. */
export const day = (at: string) =>
  dayjs(at)
    .toDate()
    .toLocaleDateString(undefined, { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });

export const shortDay = (at: string) =>
  dayjs(at).toDate().toLocaleDateString(undefined, { day: 'numeric', month: 'short' });

export const moment = (at: string) =>
  `${day(at)}, ${dayjs(at).toDate().toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' })}`;

export const plural = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;
