import { expect, test } from 'vitest';
import { roughly } from './roughly';

test.each([
  ['12', '12', false],
  [' about 12', '12', true],
  ['~40', '40', true],
  ['ca. 1 200', '1 200', true],
  ['40 or so', '40', true],
  ['200+', '200', true],
  ['0', '0', false],
  ['', '', false],
  ['a handful', 'a handful', false],
])('%s is %s seeds, about: %s', (typed, seeds, about) => {
  expect(roughly(typed)).toEqual({ seeds, about });
});
