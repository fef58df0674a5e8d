import { expect, it } from 'vitest';
import schema from '../../../core/data/crop.schema.json';
import { outline } from './seedOutline';

type Form = Parameters<typeof outline>[0]['form'];
const forms = schema.properties.seed.properties.form.enum as Form[];

it.each(forms)('a %s lies within its length and breadth', (form) => {
  const { paths, box } = outline({ form, length: 8, width: 4 });
  const numbers = (paths[0].match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
  expect(numbers.length).toBeGreaterThan(5);
  expect(paths[0].endsWith('Z')).toBe(true);
  // A curve is bent by points that may lie a little outside it.
  expect(Math.max(...numbers.map(Math.abs))).toBeLessThanOrEqual(8 / 2 + 0.5);
  expect(paths.join('')).not.toContain('NaN');
  expect(box[0]).toBeGreaterThanOrEqual(8);
  expect(box[1]).toBeGreaterThanOrEqual(4);
});

it('grows with the seed', () => {
  const small = outline({ form: 'kidney', length: 8, width: 5 });
  const large = outline({ form: 'kidney', length: 16, width: 10 });
  expect(large.box).toEqual(small.box.map((side) => side * 2));
});
