import { describe, expect, it } from 'vitest';
import { between } from './ticking';

describe('a range of lines', () => {
  const order = ['L1', 'L4', 'L2', 'L9'];

  it('goes either way, with both ends', () => {
    expect(between(order, 'L4', 'L9')).toEqual(['L4', 'L2', 'L9']);
    expect(between(order, 'L9', 'L4')).toEqual(['L4', 'L2', 'L9']);
    expect(between(order, 'L2', 'L2')).toEqual(['L2']);
  });

  it('is the line alone where nothing was ticked before, or on another page', () => {
    expect(between(order, null, 'L2')).toEqual(['L2']);
    expect(between(order, 'L77', 'L2')).toEqual(['L2']);
  });
});
