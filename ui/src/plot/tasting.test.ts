import { describe, expect, it } from 'vitest';
import type { Planting, Tasting } from '../api/client';
import { walkDrafts } from './tasting';

const tasting = {
  how: 'raw',
  plants: [
    { plant: 2, mark: 4.33 },
    { plant: 5, mark: 2 },
  ],
} as Tasting;

const planting = (traits: string[], typed: string | null) =>
  ({
    id: 'p',
    walk: {
      traits: traits.map((name) => ({ name })),
      plants: [{ number: 5, out: 'weak', at_edge: true, rare: 'white' }],
    },
    offers: [{ kind: 'traits_chosen', fields: [{ key: 'traits', usual: typed }] }],
  }) as unknown as Planting;

const NOW = '2026-09-14T10:00:00';

describe('a tasting that goes into the walk', () => {
  it('is named beside what the plants are chosen by, and told of each', () => {
    const drafts = walkDrafts(planting(['health', 'vigour'], 'health; vigour ×3'), tasting, NOW);
    expect(drafts.map(({ kind, payload }) => [kind, payload])).toEqual([
      ['traits_chosen', { traits: 'health; vigour ×3; taste raw (points)' }],
      ['plant_looked_at', { plant: 2, scores: 'taste raw 4.33', out: null, at_edge: false, rare: '' }],
      ['plant_looked_at', { plant: 5, scores: 'taste raw 2', out: 'weak', at_edge: true, rare: 'white' }],
    ]);
  });

  it('is not named twice, and stands alone where nothing else was named', () => {
    expect(walkDrafts(planting(['health', 'taste raw'], null), tasting, NOW)).toHaveLength(2);
    expect(walkDrafts(planting(['health'], null), tasting, NOW)[0]?.payload).toEqual({
      traits: 'taste raw (points)',
    });
  });
});
