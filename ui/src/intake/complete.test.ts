import { describe, expect, it } from 'vitest';
import type { CropName } from '../api/client';
import { completeCrop, completeText } from './complete';

const crop = (name: string, ...other_names: string[]): CropName =>
  ({
    key: name,
    name,
    other_names,
    latin: `${name}us`,
    group: null,
    family: 'x',
    kind: 'vegetable',
  }) as never;

const crops = [
  crop('Tomatillo'),
  crop('Tomato', 'love apple'),
  crop('Runner bean'),
  crop('French bean', 'haricot'),
  crop('Beetroot'),
  crop('Onion'),
];
const several = new Set(['bean', 'onion', 'be']);

describe('a crop that is begun to be typed', () => {
  it('is the commoner of two that begin so', () => {
    expect(completeCrop(crops, several, 'tom')).toEqual({ options: ['Tomato', 'Tomatillo'], sure: true });
  });

  it('is found by its other names, which are looked at and not taken by going on', () => {
    expect(completeCrop(crops, several, 'hari')).toEqual({ options: ['French bean'], sure: false });
    expect(completeCrop(crops, several, 'love')).toEqual({ options: ['Tomato'], sure: false });
  });

  it('is none where the name means several', () => {
    const { options, sure } = completeCrop(crops, several, 'bean');
    expect(options).toEqual(['Runner bean', 'French bean']);
    expect(sure).toBe(false);
    expect(completeCrop(crops, several, 'be').sure).toBe(false);
  });

  it('is that crop where its very name is typed, though others are called so too', () => {
    expect(completeCrop(crops, several, 'Onion').sure).toBe(true);
  });

  it('is nothing as long as nothing is typed', () => {
    expect(completeCrop(crops, several, ' ')).toEqual({ options: [], sure: false });
  });
});

describe('a text that was written before', () => {
  const known = ['A. Hale', 'Anna', 'Brine House'];

  it('is offered and never taken by going on: a new name may begin so', () => {
    expect(completeText(known, 'an', false)).toEqual({ options: ['Anna'], sure: false });
    expect(completeText(known, 'house', false).options).toEqual(['Brine House']);
  });

  it('is taken where there are only a few to choose from', () => {
    expect(completeText(['glass jar', 'foil pouch'], 'jar', true)).toEqual({
      options: ['glass jar'],
      sure: true,
    });
    expect(completeText(['glass jar', 'foil pouch'], 'sock', true)).toEqual({ options: [], sure: false });
  });

  it('shows all of them where nothing is typed', () => {
    expect(completeText(known, '', true).options).toEqual(known);
  });
});
