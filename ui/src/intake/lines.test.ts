import { describe, expect, it } from 'vitest';
import type { IntakeLine } from '../api/client';
import { inOrder, isEmpty, linesOf, mended, next, tally, type StockLine } from './lines';

const read = (line: string, change: Partial<IntakeLine> = {}): [string, IntakeLine] => [
  line,
  {
    line,
    status: 'ready',
    shown: { crop: 'Tomato' },
    new_place: '',
    new_variety: true,
    hybrid: false,
    doubts: [],
    ...change,
  } as IntakeLine,
];

describe('the next packet', () => {
  it('comes from the same giver, in the same sort of container, into the same place', () => {
    expect(
      next({
        crop: 'Leek',
        variety: 'Towpath',
        year: '2024',
        from: 'Tove',
        how: 'given',
        container: 'jar',
        place: 'Shed',
      }),
    ).toEqual({ from: 'Tove', how: 'given', container: 'jar', place: 'Shed' });
  });

  it('is none as long as only what stayed stands there', () => {
    expect(isEmpty({ from: 'Tove', place: 'Shed', crop: ' ' })).toBe(true);
    expect(isEmpty({ from: 'Tove', crop: 'Leek' })).toBe(false);
  });
});

describe('a list', () => {
  const id = (row: number) => `r${row}`;

  it('lands in lines by its columns, and what is none of ours is left out', () => {
    const lines = linesOf(
      [
        ['Crop', 'Colour', 'Name'],
        ['Leek', 'blue', ' Towpath '],
        ['Pea', 'green', ''],
      ],
      { hasHeadings: true, columns: ['crop', '', 'variety'] },
      id,
    );
    expect(lines).toEqual([
      { id: 'r0', cells: { crop: 'Leek', variety: 'Towpath' } },
      { id: 'r1', cells: { crop: 'Pea' } },
    ]);
  });

  it('without headings begins with its first line', () => {
    expect(linesOf([['Leek']], { hasHeadings: false, columns: ['crop'] }, id)).toHaveLength(1);
  });

  it('may tell several things in the note, each by its heading', () => {
    const [line] = linesOf(
      [
        ['Crop', 'Colour', 'Height'],
        ['Leek', 'blue', '60 cm'],
      ],
      { hasHeadings: true, columns: ['crop', 'note', 'note'] },
      id,
    );
    expect(line?.cells['note']).toBe('Colour: blue\nHeight: 60 cm');
  });

  it('of one column of notes has its note as it was written', () => {
    const [line] = linesOf(
      [
        ['Crop', 'Notes'],
        ['Leek', 'blue'],
      ],
      { hasHeadings: true, columns: ['crop', 'note'] },
      id,
    );
    expect(line?.cells['note']).toBe('blue');
  });
});

describe('the tally', () => {
  const lines: StockLine[] = ['a', 'b', 'c', 'd', 'e'].map((id) => ({ id, cells: {} }));

  it('counts what can be kept, what is to be looked at, and what nobody has read yet', () => {
    const sum = tally(
      lines,
      new Map([
        read('a'),
        read('b', { status: 'doubtful', new_place: 'Shed' }),
        read('c', { status: 'stopped', shown: {} }),
        read('d', { status: 'stands', shown: { crop: 'Leek' }, new_place: 'shed' }),
      ]),
    );
    expect(sum).toMatchObject({
      lines: 5,
      unread: 1,
      ready: 1,
      doubtful: 1,
      stopped: 1,
      stands: 1,
      crops: 2,
    });
    // One place, however it was written.
    expect(sum.newPlaces).toHaveLength(1);
  });

  it('has what must be mended first, and the newest before the older', () => {
    const order = inOrder(lines, new Map([read('a'), read('b', { status: 'stopped' }), read('c')])).map(
      ({ id }) => id,
    );
    expect(order).toEqual(['b', 'e', 'd', 'c', 'a']);
  });
});

describe('a cell written otherwise', () => {
  it('is so wherever it says the same', () => {
    const lines = ['Squash', 'Leek', ' Squash'].map((crop, i) => ({ id: String(i), cells: { crop } }));
    expect(mended(lines, 'crop', 'Squash', 'Cushaw').map(({ cells }) => cells['crop'])).toEqual([
      'Cushaw',
      'Leek',
      'Cushaw',
    ]);
  });
});
