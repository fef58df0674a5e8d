import { describe, expect, it } from 'vitest';
import { counted, plural, weekday, wordsIn, type Forms } from './words';

const at = '2026-09-04T00:05';

const said = (forms: Partial<Forms> = {}) =>
  wordsIn({ days: 'words', hours: 'h24', units: 'metric', ...forms });

describe('days, hours and masses are said as the keeper set them', () => {
  it.each([
    ['words', '4 September 2026', '4 September', '4 Sep'],
    ['us', 'September 4, 2026', 'September 4', 'Sep 4'],
    ['numbers', '04.09.2026', '04.09.', '04.09.'],
    ['iso', '2026-09-04', '09-04', '09-04'],
  ] as const)('in the form %s', (days, whole, ofYear, short) => {
    const { day, dayOfYear, shortDay } = said({ days });
    expect([day(at), dayOfYear(at), shortDay(at)]).toEqual([whole, ofYear, short]);
  });

  it.each([
    ['2026-09-04T00:05', '00:05', '12:05 am'],
    ['2026-09-04T12:00', '12:00', '12:00 pm'],
    ['2026-09-04T18:30', '18:30', '6:30 pm'],
  ])('hours of %s', (moment, h24, h12) => {
    expect(said().hour(moment)).toBe(h24);
    expect(said({ hours: 'h12' }).hour(moment)).toBe(h12);
  });

  it.each([
    [0.0315, '0.032 g', '0.00111 oz'],
    [7.94, '7.9 g', '0.28 oz'],
    [1234.6, '1235 g', '43.5 oz'],
  ])('%d grams', (g, metric, us) => {
    expect(said().grams(g)).toBe(metric);
    expect(said({ units: 'us' }).grams(g)).toBe(us);
  });

  it('says a day of the garden’s calendar, whatever zone the browser is in', () => {
    expect(weekday('2026-11-25T23:59')).toBe('Wednesday');
    expect(weekday('2026-11-26')).toBe('Thursday');
    expect(said().moment(at)).toBe('4 September 2026, 00:05');
  });

  it('counts one and many', () => {
    expect([plural(1, 'seed'), plural(0, 'seed'), plural(2, 'leaf', 'leaves')]).toEqual([
      '1 seed',
      '0 seeds',
      '2 leaves',
    ]);
  });
});

it('says that there are more than are counted', () => {
  expect([0, 999, 1000].map(counted)).toEqual(['0', '999', 'over 999']);
});

describe('a season', () => {
  it('is a year in the north, and goes over the new year in the south', () => {
    const forms = { days: 'words', hours: 'h24', units: 'metric' } as const;
    const [north, south] = [wordsIn(forms), wordsIn({ ...forms, seasonFrom: 7, sowingIn: 10 })];
    expect([north.season(2026), south.season(2026), south.season(1999)]).toEqual([
      '2026',
      '2026/27',
      '1999/00',
    ]);
    expect(['2026-06-30', '2026-07-01', '2027-01-01'].map(south.seasonOf)).toEqual([2025, 2026, 2026]);
    expect(['2026-06-30', '2027-01-01'].map(north.seasonOf)).toEqual([2026, 2027]);
    expect([north.sowingDay(2026), south.sowingDay(2026)]).toEqual(['2026-04-15', '2026-10-15']);
  });
});
