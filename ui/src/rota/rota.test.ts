import { describe, expect, it } from 'vitest';
import type { RotaLine } from '../api/client';
import { ageing, areaOf } from './ageing';
import { isPinned, movedTo, withLine, withYear } from './wishes';

const line = (growings: [number, number][]) =>
  ({
    alive: [0.9, 0.8, 0.7, 0.6],
    renewed: [1, 0.95, 0.9, 0.85],
    growings: growings.map(([sow, harvest]) => ({ sow, harvest, why: '', pinned: false })),
  }) as unknown as RotaLine;

describe('how the seed of a line ages', () => {
  const seasons = [2027, 2028, 2029];

  it('falls as the seed now held does, where nothing is grown', () => {
    expect(ageing(line([]), seasons)).toEqual([0.9, 0.8, 0.7, 0.6]);
  });

  it('begins anew the year after a harvest', () => {
    expect(ageing(line([[2027, 2028]]), seasons)).toEqual([0.9, 0.8, 0.95, 0.9]);
  });

  it('is drawn from its foot and back to it', () => {
    expect(areaOf([1, 0.5])).toBe('M0,1 L0,0.000 L1,0.500 L1,1 Z');
  });
});

describe('what is wanted of the rota', () => {
  const wish = { lines: [{ line: 'a', pinned: [2028] }], years: [{ year: 2027, hours: 40 }] };

  it('pins what was moved, and frees where it was', () => {
    const moved = movedTo(wish, 'a', 2028, 2030);
    expect(isPinned(moved, 'a', 2030)).toBe(true);
    expect(isPinned(moved, 'a', 2028)).toBe(false);
  });

  it('keeps what was taken out from coming back by itself, until it is put there again', () => {
    const out = movedTo(wish, 'a', 2028, null);
    expect(out.lines).toEqual([{ line: 'a', pinned: [], forbidden: [2028] }]);
    expect(movedTo(out, 'a', null, 2028).lines).toEqual([{ line: 'a', pinned: [2028], forbidden: [] }]);
  });

  it('changes one line and one year, and leaves the others', () => {
    expect(withLine(wish, 'b', { let_go: true }).lines).toEqual([...wish.lines, { line: 'b', let_go: true }]);
    expect(withYear(wish, 2027, { cages: 1 }).years).toEqual([{ year: 2027, hours: 40, cages: 1 }]);
  });
});
