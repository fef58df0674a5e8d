import { expect, test } from 'vitest';
import { sowing } from './sowing';

test('what is known stands in the address, and what is not does not', () => {
  expect(sowing({ planned: 'a', variety: 'v', plants: 12, lot: 'l', packet: 'p', seeds: 21 })).toBe(
    '/plot/new?planned=a&variety=v&plants=12&lot=l&packet=p&seeds=21',
  );
  expect(sowing({ planned: 'a', variety: 'v', plants: null, lot: null, seeds: undefined })).toBe(
    '/plot/new?planned=a&variety=v',
  );
});

test('signs of an address that are part of a name stay part of it', () => {
  expect(new URLSearchParams(sowing({ planned: 'a&b=c', variety: 'v' }).split('?')[1]).get('planned')).toBe(
    'a&b=c',
  );
});
