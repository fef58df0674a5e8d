import { describe, expect, it } from 'vitest';
import type { CropName } from '../api/client';
import { findCrops, meanings } from './handbook';

const crop = (name: string, latin: string, other: string[] = [], more: Partial<CropName> = {}): CropName => ({
  key: name.toLowerCase(),
  name,
  latin,
  other_names: other,
  group: null,
  family: '',
  kind: 'vegetable',
  life_cycle: '',
  breeding: '',
  ...more,
});

const crops = [
  crop('Squash, winter', 'Cucurbita maxima', ['Pumpkin', 'Squash']),
  crop('Squash, summer', 'Cucurbita pepo', ['Courgette', 'Squash', 'Pumpkin']),
  crop('Leek', 'Allium ampeloprasum', ['Poireau'], { family: 'Amaryllidaceae' }),
  crop('Elephant garlic', 'Allium ampeloprasum', ['Leek garlic']),
];

describe('a crop of the handbook', () => {
  it.each([
    ['squash', ['Squash, winter', 'Squash, summer']],
    ['PEPO', ['Squash, summer']],
    ['amaryll', ['Leek']],
    ['allium leek', ['Leek', 'Elephant garlic']],
    ['oca', []],
  ])('is found by %j', (typed, names) => {
    expect(findCrops(crops, typed).map(({ name }) => name)).toEqual(names);
  });

  it('asks which when a common name means several species, and not when it means one', () => {
    expect(meanings(crops, ' Pumpkin ').map(({ latin }) => latin)).toEqual([
      'Cucurbita maxima',
      'Cucurbita pepo',
    ]);
    expect(meanings(crops, 'leek')).toEqual([]);
    expect(meanings(crops, 'pump'), 'a part of a name is no name').toEqual([]);
    expect(meanings(crops, '')).toEqual([]);
  });
});
