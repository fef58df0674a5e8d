import { describe, expect, it } from 'vitest';
import { within } from './within';

describe('where something is, seen from what it lies in', () => {
  it('is the rest of its path', () => {
    expect(within('Hall › Tin › Bag', 'Hall')).toBe('Tin › Bag');
    expect(within('Hall › Tin', 'Hall › Tin')).toBe('');
  });

  it('is all of it where it lies elsewhere, though the names begin alike', () => {
    expect(within('Hallway › Tin', 'Hall')).toBe('Hallway › Tin');
  });
});
