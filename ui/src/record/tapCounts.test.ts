import { describe, expect, it } from 'vitest';
import { oneMore, undone } from './tapCounts';

describe('seedlings pressed one by one', () => {
  it('add up in their dish', () => {
    let counts = ['', '2', 'x'];
    for (const dish of [0, 0, 1, 2]) counts = oneMore(counts, dish);
    expect(counts).toEqual(['2', '3', '1']);
    expect(oneMore(['', '', '7'], 1)).toEqual(['0', '1', '7']);
  });

  it('are taken back from the last', () => {
    const taps = [0, 1, 1];
    const first = undone(['1', '2'], taps);
    expect(first).toEqual({ counts: ['1', '1'], taps: [0, 1] });
    expect(undone(first.counts, first.taps)).toEqual({ counts: ['1', '0'], taps: [0] });
    expect(undone(['0', '0'], [])).toEqual({ counts: ['0', '0'], taps: [] });
    // Typed over meanwhile, it never falls below nothing.
    expect(undone(['', '0'], [0])).toEqual({ counts: ['0', '0'], taps: [] });
  });
});
