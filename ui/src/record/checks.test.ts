import { expect, test } from 'vitest';
import type { Kinds } from '../api/client';
import { wrongWith } from './checks';

const kinds = [
  {
    offer: { kind: 'weighed' },
    checks: [
      {
        key: 'grams',
        lacking: 'The weight is missing.',
        least: 0.001,
        most: 100000,
        outside: 'From 0.001 g.',
      },
      { key: 'note', lacking: null, least: null, most: null, outside: '' },
    ],
  },
] as unknown as Kinds['kinds'];
const said = (grams: unknown) => wrongWith(kinds, 'weighed', { grams })['grams'];

test('what must be given is missed, and what is outside of its bounds is said', () => {
  expect(said('')).toBe('The weight is missing.');
  expect(said('  ')).toBe('The weight is missing.');
  expect(said('19,8')).toBeUndefined();
  expect(said('0')).toBe('From 0.001 g.');
  expect(said('200000')).toBe('From 0.001 g.');
  expect(said('heavy')).toBe('From 0.001 g.');
  expect(said(['12', '-3'])).toBe('From 0.001 g.');
  expect(said([])).toBe('The weight is missing.');
});

test('what only the server can read is left to it', () => {
  expect(said('1 lb 4 oz')).toBeUndefined();
  expect(said('1½')).toBeUndefined();
  expect(wrongWith(kinds, 'weighed', { grams: '3' })).toEqual({});
  expect(wrongWith(kinds, 'of no kind', {})).toEqual({});
});
