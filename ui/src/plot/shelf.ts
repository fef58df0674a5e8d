import { v7 } from 'uuid';
import type { Draft, Fruit, ShelfRow } from '../api/client';
import { ofPlanting } from './ofPlanting';

/** Drafts are typed by their kinds; what is made here is read by the server. */
const payload = (fields: Record<string, unknown>) => fields as unknown as Draft['payload'];

/** Those of which seed can be had: open, and neither bitter nor empty. */
export const worthTaking = (fruits: Fruit[]): Fruit[] =>
  fruits.filter(({ open, bitter, next }) => open && bitter !== 'yes' && !next.startsWith('no seed'));

/** Plants that these are of: of those whose plant is not named there is one at least. */
export function plantsOf(fruits: Fruit[]): number {
  const named = new Set(fruits.map(({ plant }) => plant));
  return Math.max(1, named.size);
}

const latest = (moments: string[]) => moments.toSorted().at(-1) ?? '';

/**
 * Seed taken out of open fruit: a lot begins, picked as the last of them was and opened as that was, and each fruit is told where its seed went.
 *
 * @param each whether each fruit's seed is a lot of its own
 */
export function seedDrafts(
  row: ShelfRow,
  fruits: Fruit[],
  each: boolean,
  now: string,
  evenSo: boolean,
): Draft[] {
  const lots = each ? fruits.map((one) => [one]) : fruits.length === 0 ? [] : [fruits];
  return lots.flatMap((of) => {
    const id = v7();
    const about = { subject: 'lot' as const, id };
    const grams = of.map((one) => one.grams);
    const [first] = of;
    const whole = grams.every((one) => one !== null) ? grams.reduce((sum, one) => sum + one, 0) : null;
    const opened = latest(of.flatMap(({ opened_at }) => (opened_at === null ? [] : [opened_at])));
    return [
      {
        id: v7(),
        kind: 'picked',
        about,
        begins: { planting: row.id },
        happened_at: latest(of.map(({ picked_at }) => picked_at)).slice(0, 16),
        payload: payload({
          plants: plantsOf(of),
          fruits: of.length,
          mass_g: whole,
          mother: first !== undefined && of.every(({ plant }) => plant === first.plant) ? first.plant : '',
        }),
        even_so: true,
      },
      ...(row.wet
        ? [
            {
              id: v7(),
              kind: 'fruit_opened',
              about,
              happened_at: (opened === '' ? now : opened).slice(0, 16),
              payload: payload({ how: 'cut', fruits: of.length }),
              even_so: true,
            },
          ]
        : []),
      ofPlanting(row.id, 'fruit_seed', now, { fruits: of.map(({ number }) => number), lot: id }, { evenSo }),
    ];
  });
}

export type Laid = { plant: string; weighs: string };

/** Fruit that is laid on the shelf, as it was typed line by line; an empty line is none. */
export const laidDrafts = (
  row: Pick<ShelfRow, 'id' | 'next'>,
  lines: Laid[],
  at: string,
  shared: { stalk: string; place_id: string },
): Draft[] =>
  lines
    .filter(({ plant, weighs }) => plant.trim() !== '' || weighs.trim() !== '')
    .map(({ plant, weighs }, i) => ({
      ...ofPlanting(row.id, 'fruit_shelved', '', {
        fruit: row.next + i,
        plant: plant.trim(),
        mass_g: weighs.trim() === '' ? null : weighs.trim(),
        stalk: shared.stalk === '' ? null : shared.stalk,
        place_id: shared.place_id === '' ? null : shared.place_id,
      }),
      happened_at: at,
    }));
