import { expect, test } from 'vitest';
import { isKept } from './known';

const url = (path: string) => new URL(path, 'http://127.0.0.1:8310');

test('what is looked at is kept, and nothing else', () => {
  expect(isKept('GET', url('/api/lots/L7'), null)).toBe(true);
  expect(isKept('GET', url('/api/places/store?sort=due'), null)).toBe(true);
  expect(isKept('POST', url('/api/entries'), null)).toBe(false);
  expect(isKept('GET', url('/api/lots/L7'), 'demo')).toBe(false);
  expect(isKept('GET', url('/api/keepers'), null)).toBe(false);
  expect(isKept('GET', url('/api/calendar.ics?token=x'), null)).toBe(false);
  expect(isKept('GET', url('/build/index.js'), null)).toBe(false);
});
