import { describe, expect, it } from 'vitest';
import { sized } from './photograph';

describe('a photograph', () => {
  it('is drawn no larger than it is kept, and never larger than it was', () => {
    expect(sized(4000, 3000, 1)).toEqual({ width: 1200, height: 900 });
    expect(sized(3000, 4000, 0.5)).toEqual({ width: 450, height: 600 });
    expect(sized(640, 480, 1)).toEqual({ width: 640, height: 480 });
    expect(sized(5000, 1, 0.35)).toEqual({ width: 420, height: 1 });
  });
});
