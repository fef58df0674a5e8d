import { expect, test } from 'vitest';
import { isTheirs, may, setPresent } from './present';

const maren = { id: 'm', name: 'Maren', role: 'helper' as const };

test('what somebody pressed waits until it is known who is here, and goes by nobody else', () => {
  expect(isTheirs(undefined)).toBe(true);
  expect(isTheirs('m')).toBe(false);
  setPresent(maren);
  expect(isTheirs('m')).toBe(true);
  expect(isTheirs('t')).toBe(false);
  // Where nobody signs in any more it is anybody's.
  setPresent(undefined);
  expect(isTheirs('t')).toBe(true);
});

test('each may do what those below may', () => {
  expect([may(maren, 'reader'), may(maren, 'helper'), may(maren, 'keeper')]).toEqual([true, true, false]);
  expect(may(undefined, 'owner')).toBe(true);
});
