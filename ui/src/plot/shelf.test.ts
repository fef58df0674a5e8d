import { describe, expect, it } from 'vitest';
import type { Fruit, ShelfRow } from '../api/client';
import { laidDrafts, seedDrafts, worthTaking } from './shelf';

const fruit = (number: number, more: Partial<Fruit> = {}): Fruit => ({
  number,
  code: `P9-${number}`,
  plant: String(number),
  weighs: '1 800 g',
  lies: '',
  picked: '',
  picked_at: `2026-10-0${number}T10:00:00`,
  grams: 1000 + number,
  state: 'sound',
  state_said: 'sound',
  window: null,
  next: 'open: take its seed out',
  soon: false,
  open: true,
  opened_at: `2026-12-0${number}T09:30:00`,
  found: '',
  bitter: 'no',
  ...more,
});

const row = { id: 'planting-9', next: 4, wet: true } as ShelfRow;
const NOW = '2026-12-09T18:00:00';

describe('fruit on the shelf', () => {
  it('gives one lot of several fruits, picked as the last of them was', () => {
    const [picked, opened, seed] = seedDrafts(
      row,
      [fruit(1), fruit(2), fruit(3, { plant: '2' })],
      false,
      NOW,
      false,
    );
    expect(picked).toMatchObject({
      kind: 'picked',
      begins: { planting: 'planting-9' },
      happened_at: '2026-10-03T10:00',
      payload: { plants: 2, fruits: 3, mass_g: 3006, mother: '' },
    });
    expect(opened).toMatchObject({
      kind: 'fruit_opened',
      happened_at: '2026-12-03T09:30',
      payload: { fruits: 3 },
    });
    expect(seed).toMatchObject({
      kind: 'fruit_seed',
      happened_at: '2026-12-09T18:00',
      payload: { fruits: [1, 2, 3], lot: picked?.about.id },
    });
  });

  it('gives a lot of each, named by its plant', () => {
    const drafts = seedDrafts(row, [fruit(1), fruit(2, { grams: null })], true, NOW, false);
    const picked = drafts.filter(({ kind }) => kind === 'picked');
    expect(picked.map(({ payload }) => payload)).toMatchObject([
      { plants: 1, fruits: 1, mother: '1', mass_g: 1001 },
      { plants: 1, fruits: 1, mother: '2', mass_g: null },
    ]);
    expect(new Set(picked.map(({ about }) => about.id)).size).toBe(2);
  });

  it('opens nothing on the bench of what is shaken out dry', () => {
    expect(seedDrafts({ ...row, wet: false }, [fruit(1)], false, NOW, false).map(({ kind }) => kind)).toEqual(
      ['picked', 'fruit_seed'],
    );
  });

  it('takes seed of what is open, and not bitter or empty', () => {
    const there = [
      fruit(1),
      fruit(2, { bitter: 'yes' }),
      fruit(3, { next: 'no seed to be had of it' }),
      fruit(4, { open: false }),
    ];
    expect(worthTaking(there).map(({ number }) => number)).toEqual([1]);
  });

  it('numbers what is laid there on from the last, and leaves empty lines out', () => {
    const lines = [
      { plant: '3', weighs: '1,8 kg' },
      { plant: ' ', weighs: '' },
      { plant: '', weighs: '950' },
    ];
    expect(
      laidDrafts(row, lines, '2 Oct 2026', { stalk: 'on', place_id: '' }).map(({ payload }) => payload),
    ).toEqual([
      { fruit: 4, plant: '3', mass_g: '1,8 kg', stalk: 'on', place_id: null },
      { fruit: 5, plant: '', mass_g: '950', stalk: 'on', place_id: null },
    ]);
  });
});
