import { expect, test } from 'vitest';
import type { Chosen } from './client';
import { findKnown, readKnown } from './takenAlong';

const id = (digit: string) => `0000000${digit}-0000-7000-8000-00000000000${digit}`;
const hex = (of: string) => of.replaceAll('-', '').toUpperCase();
const thing = (code: string, of: string, said: string, packets: Chosen['packets'] = []): Chosen => ({
  id: of,
  code,
  said,
  packets,
  variety: '',
  crop: '',
  is_left: true,
});
const things = [
  thing('L7', id('7'), 'L7 Amber Spoon, 2025, in store', [
    { id: id('9'), said: 'L7-2029, 40 seeds', seeds: 40 },
  ]),
  thing('P7', id('8'), 'P7 Whitecap, 2026, bed 3'),
  thing('L70', id('6'), 'L70 Whitecap, 2026'),
];

test('a mark is known by the ids in it, and a packet by its own', () => {
  const mark = `MARROW1.G${hex(id('1'))}.L${hex(id('7'))}`;
  expect(readKnown(mark, things)).toMatchObject({ status: 'here', code: 'L7', container: null });
  expect(readKnown(`${mark}.C${hex(id('9'))}`, things)).toMatchObject({
    code: 'L7',
    container: id('9'),
    said: 'packet L7-2029, 40 seeds',
  });
});

test('so is what was typed off it', () => {
  expect(readKnown(' p 7', things)).toMatchObject({ status: 'here', id: id('8') });
  expect(readKnown('l7-2029', things)).toMatchObject({ code: 'L7', container: id('9') });
});

test('what was not taken along is not known', () => {
  expect(readKnown(`MARROW1.G${hex(id('1'))}.L${hex(id('2'))}`, things).status).toBe('unknown');
  expect(readKnown('L7-2031', things).status).toBe('unknown');
  expect(readKnown('L', things).status).toBe('unknown');
});

test('things are found by all the words that were typed, the very code first', () => {
  expect(findKnown('l7', things).map(({ code }) => code)).toEqual(['L7', 'L70']);
  expect(findKnown('whitecap 2026', things).map(({ code }) => code)).toEqual(['P7', 'L70']);
  expect(findKnown('whitecap 2025', things)).toEqual([]);
  expect(findKnown(' ', things)).toEqual([]);
});
