import { describe, expect, it } from 'vitest';
import { changedOf, errorOf, errorsAt, parted, typedOf } from './FieldGrid';
import { sentOf, startOf, type Field } from './fields';

const field = (key: string, more: Partial<Field> = {}): Field => ({
  key,
  type: 'number',
  label: key,
  unit: '',
  hint: '',
  usual: null,
  required: true,
  hidden: false,
  count: null,
  grows: false,
  options: [],
  of: '',
  seldom: false,
  own: false,
  ...more,
});

describe('a form', () => {
  it('starts with what is usual, and a figure for each of so many', () => {
    expect(startOf(field('mass', { usual: '12' }))).toBe('12');
    expect(startOf(field('wet', { type: 'flag', usual: 'true' }))).toBe(true);
    expect(startOf(field('wet', { type: 'flag' }))).toBe(false);
    expect(startOf(field('normal', { count: 3 }))).toEqual(['', '', '']);
  });

  it('sends every field as it was typed, touched or not', () => {
    const fields = [field('mass', { usual: '12' }), field('note'), field('wet', { type: 'flag' })];
    expect(typedOf(fields, { note: '1,5' })).toEqual({ mass: '12', note: '1,5', wet: 'false' });
  });

  it('sends no empty line of a list that grows, but keeps a hole in one that does not', () => {
    expect(sentOf(field('masses', { count: 1, grows: true }), ['1', ' ', '2', ''])).toEqual(['1', '2']);
    expect(sentOf(field('normal', { count: 3 }), ['1', '', '2'])).toEqual(['1', '', '2']);
  });

  it('gives back what was not touched as it came, not as it was shown', () => {
    const fields = [field('width'), field('depth'), field('north')];
    const shown = { width: '3.3', depth: '10' };
    const kept = { width: 3.2808399, depth: 10 };
    expect(changedOf(fields, { depth: '12' }, shown, kept)).toEqual({
      width: 3.2808399,
      depth: '12',
      north: '',
    });
  });

  it('says what was refused at the field, also of one figure in it', () => {
    const errors = { 'normal.1': 'There are 25 seeds in it.', 'plantings.2.sow': 'That is no day.' };
    expect(errorOf('normal', errors)).toBe('There are 25 seeds in it.');
    expect(errorOf('norm', errors)).toBeUndefined();
    expect(errorsAt('plantings.2', errors)).toEqual({ sow: 'That is no day.' });
  });

  it('keeps what is seldom told behind a button until it holds something or is refused', () => {
    const fields = [
      field('how'),
      field('packet', { type: 'text', seldom: true }),
      field('id', { seldom: true, hidden: true }),
    ];
    const keys = (of: Field[]) => of.map(({ key }) => key);
    const empty = parted(fields, {}, {});
    expect([keys(empty.often), keys(empty.seldom), empty.told]).toEqual([['how'], ['packet'], false]);
    expect(parted(fields, { packet: '' }, {}).told).toBe(false);
    expect(parted(fields, { packet: '31' }, {}).told).toBe(true);
    expect(parted(fields, {}, { packet: 'Too long.' }).told).toBe(true);
    expect(parted([field('how')], { how: 'found' }, { how: 'No.' }).told).toBe(false);
  });
});
