import { expect, test } from 'vitest';
import type { ChosenTrait, WalkedPlant } from '../api/client';
import { firstLeft, lookOf, payloadOf, scoresOf } from './walk';

const traits: ChosenTrait[] = [
  { name: 'health', scale: 'marks', words: ['1', '2', '3', '4', '5'], unit: '' },
  { name: 'stem height', scale: 'measure', words: [], unit: 'cm' },
];
const plant = (number: number): WalkedPlant => ({
  number,
  scores: ['4', null],
  out: null,
  out_said: '',
  at_edge: true,
  rare: 'white stem',
  kept: false,
});

test('what was told is by the names of the traits, and what was not is left out', () => {
  const look = lookOf(plant(3), traits);
  expect(scoresOf(look, traits)).toBe('health 4');
  expect(scoresOf({ ...look, scores: ['4', ' 42 '] }, traits)).toBe('health 4; stem height 42');
  expect(payloadOf(3, { ...look, out: 'sick' }, traits)).toEqual({
    plant: 3,
    scores: 'health 4',
    out: 'sick',
    at_edge: true,
    rare: 'white stem',
  });
});

test('one goes on with the first that nobody looked at', () => {
  expect(firstLeft([], 12)).toBe(1);
  expect(firstLeft([plant(1), plant(2), plant(4)], 12)).toBe(3);
  expect(firstLeft([plant(1), plant(2)], 2)).toBe(1);
  expect(firstLeft([plant(1), plant(2)], null)).toBe(3);
});
