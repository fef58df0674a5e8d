import { expect, test } from 'vitest';
import { columnsOf, draftsOf, faultOf, momentOf } from './countSheet';

const counted = { day: 6, new: 3, total: 3, abnormal: 0, up: [1, 2], dead: [0, 0] };

test('there is a part for each day after the last that was counted', () => {
  const columns = columnsOf({ looks: [6, 8, 10, 12], counts: [counted], replicates: 2 });
  expect(columns.map(({ day }) => day)).toEqual(['8', '10', '12']);
  expect(columns[0]?.up).toEqual(['', '']);
  expect(columnsOf({ looks: [6, 8], counts: [{ ...counted, day: 9 }], replicates: 1 })).toEqual([]);
});

test('what is left empty is no count, and a dish left empty had nothing new', () => {
  const drafts = draftsOf(
    { id: 't', began: '2026-03-28T18:00' },
    'l',
    [
      { day: '6', up: ['', ''], dead: ['', ''] },
      { day: '8', up: ['7', ''], dead: ['', '1'] },
    ],
    (index) => `e${index}`,
  );
  expect(drafts).toHaveLength(1);
  expect(drafts[0]?.index).toBe(1);
  expect(drafts[0]?.draft).toMatchObject({
    id: 'e1',
    happened_at: '2026-04-05T09:00',
    payload: { test: 't', normal: [7, 0], abnormal: [0, 1] },
  });
});

test('the first day is the moment it began, and days go over the end of a month', () => {
  expect(momentOf('2026-02-26T18:30', 0)).toBe('2026-02-26T18:30');
  expect(momentOf('2026-02-26T18:30', 3)).toBe('2026-03-01T09:00');
});

test('what is no count is said at its day, and a day without counts is asked nothing', () => {
  expect(faultOf({ day: '', up: [''], dead: [''] })).toBeUndefined();
  expect(faultOf({ day: '', up: ['3'], dead: [''] })).toBe('Say on which day, counted from the first.');
  expect(faultOf({ day: '6', up: ['3x'], dead: [''] })).toBe('“3x” is no count.');
  expect(faultOf({ day: '6', up: ['-1'], dead: [''] })).toBe('“-1” is no count.');
  expect(faultOf({ day: '6', up: ['3'], dead: [''] })).toBeUndefined();
});
