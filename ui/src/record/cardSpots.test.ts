import { describe, expect, it } from 'vitest';
import { readingOf, stateOf, tapped, typedOf } from './cardSpots';

const spots = [10, 20, 30, 40, 50, 60];
const states = (dampTo: string, dryFrom: string) =>
  spots.map((_, i) => stateOf(readingOf(spots, dampTo, dryFrom), i));

describe('the spots of a card', () => {
  it('are damp up to one and dry from another', () => {
    expect(states('20', '40')).toEqual(['damp', 'damp', 'between', 'dry', 'dry', 'dry']);
    expect(states('', '10')).toEqual(spots.map(() => 'dry'));
    expect(states('60', '')).toEqual(spots.map(() => 'damp'));
    expect(states('', '')).toEqual(spots.map(() => null));
  });

  it('take the first tap for the one that is neither', () => {
    expect(typedOf(spots, tapped(null, 2))).toEqual({ damp_to: '20', dry_from: '40' });
    expect(typedOf(spots, tapped(null, 0))).toEqual({ damp_to: '', dry_from: '20' });
    expect(typedOf(spots, tapped(null, 5))).toEqual({ damp_to: '50', dry_from: '' });
  });

  it('never come into an order that no card shows', () => {
    let reading = tapped(null, 2);
    for (const spot of [4, 4, 0, 5, 3, 3, 1, 1, 5, 0]) {
      reading = tapped(reading, spot);
      const shown = spots.map((_, i) => ['damp', 'between', 'dry'].indexOf(String(stateOf(reading, i))));
      expect(shown).toEqual(shown.toSorted());
    }
  });

  it('go round', () => {
    const start = tapped(null, 2);
    const damp = tapped(start, 2);
    expect(stateOf(damp, 2)).toBe('damp');
    expect(stateOf(tapped(damp, 2), 2)).toBe('dry');
    expect(stateOf(tapped(tapped(damp, 2), 2), 2)).toBe('between');
  });
});
