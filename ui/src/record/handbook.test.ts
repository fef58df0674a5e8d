import { describe, expect, it } from 'vitest';
import type { CropName } from '../api/client';
import { findCrops, meanings } from './handbook';

const crop = (name: string, latin: string, other: string[] = [], more: Partial<CropName> = {}): CropName => ({
  key: name.toLowerCase(),
  name,
  latin,
  other_names: other,
  abroad: [],
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
    ['leeks', ['Leek', 'Elephant garlic']],
    ['elephant garlics', ['Elephant garlic']],
  ])('is found by %j', (typed, names) => {
    expect(findCrops(crops, typed).map(({ name }) => name)).toEqual(names);
  });

  it('whose very name was typed stands before one that only holds it, by any of its names', () => {
    const crops = [
      crop('Tomatillo', 'Physalis philadelphica', ['Husk tomato']),
      crop('Tomato', 'Solanum lycopersicum', [], { abroad: ['Tomate', 'Tomaten'] }),
      crop('Cherry tomato', 'Solanum lycopersicum'),
    ];
    const named = (typed: string) => findCrops(crops, typed).map(({ name }) => name);
    expect(named('tomato')[0]).toBe('Tomato');
    expect(named('Tomatoes')[0]).toBe('Tomato');
    expect(named('tomat')[0]).toBe('Tomatillo');
    expect(named('husk tomato')).toEqual(['Tomatillo']);
    expect(named('Tomaten')).toEqual(['Tomato']);
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
