import type { Plan } from '../api/client';

/** What of a plan blooms on a day, and which of it could cross then: only while both bloom. */
export function bloomingOn(plan: Pick<Plan, 'plantings' | 'risks' | 'content'>, day: string) {
  const standing = new Set(plan.content.plantings.filter(({ out }) => !out).map(({ id }) => id));
  const blooming = plan.plantings.filter(
    ({ id, bloom_first: first, bloom_last: last }) =>
      standing.has(id) && first !== null && last !== null && first <= day && day <= last,
  );
  const ids = new Set(blooming.map(({ id }) => id));
  const crossing = plan.risks
    .filter(({ planting }) => ids.has(planting))
    .flatMap(({ planting, sources }) =>
      sources
        .filter(
          ({ verdict, from, to }) =>
            verdict !== 'clear' && (from === null || from <= day) && (to === null || day <= to),
        )
        .map((source) => ({ kept: planting, source: source.id, name: source.name, share: source.share })),
    )
    .sort((a, b) => b.share - a.share);
  return { blooming, crossing };
}
