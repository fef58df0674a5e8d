/** Figures and days as they are said; the sentences themselves come from the server. */
export const percent = (share: number) => `${Math.round(share * 100)} %`;

export const moisture = (m: number) => `${m.toFixed(1)} %`;

export const plural = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

/** The server counts no further than this. */
const COUNTED = 1000;

/** A number of tasks: beyond what is counted, that it is more. */
export const counted = (n: number) => (n < COUNTED ? String(n) : `over ${COUNTED - 1}`);

type DayForm = 'words' | 'us' | 'numbers' | 'iso';
export type Forms = {
  days: DayForm;
  hours: 'h24' | 'h12';
  units: 'metric' | 'us';
  seasonFrom?: number;
  sowingIn?: number;
};

const METRES_A_FOOT = 0.3048;

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];

/** The parts of a day of the garden's wall calendar: no zone of the browser's comes into it. */
const parts = (at: string) => {
  const [year = '', month = '', date = ''] = at.slice(0, 10).split('-');
  return { year, month, date, d: String(Number(date)), name: MONTHS[Number(month) - 1] ?? '' };
};

export const weekday = (at: string) => WEEKDAYS[new Date(`${at.slice(0, 10)}T12:00:00Z`).getUTCDay()] ?? '';

export const monthName = (month: number) => MONTHS[month] ?? '';

/** How days, hours and quantities are said in a form: here and on the server the same. */
export function wordsIn(forms: Forms) {
  /** A mass of so many grams: three figures of it, as the sentences beside it have. */
  const grams = (g: number) => {
    if (forms.units === 'us') return `${Number((g / 28.349523125).toPrecision(3))} oz`;
    return `${g >= 100 ? Math.round(g) : Number(g.toFixed(g >= 1 ? 1 : 3))} g`;
  };

  /** A distance of so many metres, as the sentences beside it have it. */
  const metres = (m: number) =>
    forms.units === 'us'
      ? `${Number((m / METRES_A_FOOT).toPrecision(3))} ft`
      : `${Number(m.toPrecision(3))} m`;

  /** The longest round distance that a bar of a scale stands for, with its words: at least `shortest`, in metres. */
  const roundDistance = (shortest: number): { metres: number; said: string } => {
    const unit = forms.units === 'us' ? METRES_A_FOOT : 1;
    const round = [1, 2, 5, 10, 20, 50, 100, 200, 500].find((many) => many * unit >= shortest) ?? 1000;
    return { metres: round * unit, said: metres(round * unit) };
  };

  const seasonFrom = forms.seasonFrom ?? 1;

  /** The season that a day belongs to, by the year in which it begins; in the south it goes from July to June. */
  const seasonOf = (at: string): number =>
    Number(at.slice(0, 4)) - (Number(at.slice(5, 7)) < seasonFrom ? 1 : 0);

  /** What it is called: "2026", or where it goes over a new year "2026/27". */
  const season = (year: number): string =>
    seasonFrom > 1 ? `${year}/${String((year + 1) % 100).padStart(2, '0')}` : String(year);

  /** The day on which sowing outdoors is usual, to begin with. */
  const sowingDay = (year: number): string => {
    const month = forms.sowingIn ?? 4;
    return `${month < seasonFrom ? year + 1 : year}-${String(month).padStart(2, '0')}-15`;
  };

  /** "14 September 2026", "September 14, 2026", "14.09.2026", "2026-09-14". */
  const day = (at: string) => {
    const { year, month, date, d, name } = parts(at);
    return {
      words: `${d} ${name} ${year}`,
      us: `${name} ${d}, ${year}`,
      numbers: `${date}.${month}.${year}`,
      iso: `${year}-${month}-${date}`,
    }[forms.days];
  };

  /** The same within the year that is spoken of: "14 September". */
  const dayOfYear = (at: string) => {
    const { month, date, d, name } = parts(at);
    return {
      words: `${d} ${name}`,
      us: `${name} ${d}`,
      numbers: `${date}.${month}.`,
      iso: `${month}-${date}`,
    }[forms.days];
  };

  /** Short, where there is little room: "14 Sep". */
  const shortDay = (at: string) => {
    const { month, date, d, name } = parts(at);
    const short = name.slice(0, 3);
    return {
      words: `${d} ${short}`,
      us: `${short} ${d}`,
      numbers: `${date}.${month}.`,
      iso: `${month}-${date}`,
    }[forms.days];
  };

  /** "18:30", "6:30 pm". */
  const hour = (at: string) => {
    const [h = '', minute = ''] = at.slice(11, 16).split(':');
    return forms.hours === 'h24'
      ? `${h}:${minute}`
      : `${Number(h) % 12 || 12}:${minute} ${Number(h) < 12 ? 'am' : 'pm'}`;
  };

  const moment = (at: string) => `${day(at)}, ${hour(at)}`;

  return {
    day,
    dayOfYear,
    shortDay,
    hour,
    moment,
    grams,
    metres,
    roundDistance,
    season,
    seasonOf,
    sowingDay,
  };
}

export type Words = ReturnType<typeof wordsIn>;
