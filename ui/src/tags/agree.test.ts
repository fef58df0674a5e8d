import { expect, test } from 'vitest';
import { agree } from './agree';

const lot = (code: string, container: string | null = null) => ({
  id: `id of ${code}`,
  code,
  container,
  said: container === null ? code : `packet ${code}-${container}`,
});

test('nothing is said before both are read', () => {
  expect(agree(null, null, null)).toEqual({ same: false, stops: '' });
  expect(agree(lot('L1'), null, null)).toEqual({ same: false, stops: '' });
  expect(agree(null, lot('L1'), 'L1')).toEqual({ same: false, stops: '' });
});

test('two tags of one lot agree, and a packet with its lot', () => {
  expect(agree(lot('L1'), lot('L1'), null).same).toBe(true);
  expect(agree(lot('L1', '2029'), lot('L1'), 'L1').same).toBe(true);
  expect(agree(lot('L1', '2029'), lot('L1', '2029'), null).same).toBe(true);
});

test('two lots, or two packets of one, stop the hand', () => {
  expect(agree(lot('L1'), lot('L2'), null)).toEqual({
    same: false,
    stops: 'Stop: inside is L1, outside L2. One of the two is in the wrong place.',
  });
  expect(agree(lot('L1', '2029'), lot('L1', '2030'), null).stops).toContain('two packets');
});

test('what is not the lot that is being closed stops at the first tag', () => {
  expect(agree(lot('L3'), null, 'L1').stops).toBe(
    'The tag inside is of L3, and you are closing L1. Stop and look.',
  );
  expect(agree(null, lot('L3'), 'L1').stops).toContain('The tag outside is of L3');
});

test('a bed is no container', () => {
  const planting = lot('P3');
  expect(agree(planting, null, null).stops).toContain('a container holds a lot');
});
