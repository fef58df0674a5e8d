import type { Draft, Planting, Tasting } from '../api/client';
import { ofPlanting } from './ofPlanting';

/** What a walk calls it. */
export const traitOf = (tasting: Pick<Tasting, 'how'>): string => `taste ${tasting.how}`;

/**
 * What a tasting says of the plants of a row, as a trait of the walk: named among what they are chosen by where it is not yet, and told of each. What else
 * is known of a plant, and that it was struck out, stands.
 */
export function walkDrafts(planting: Planting, tasting: Tasting, now: string): Draft[] {
  const name = traitOf(tasting);
  const known = planting.walk.traits.some((trait) => trait.name === name);
  const typed = planting.offers
    .find(({ kind }) => kind === 'traits_chosen')
    ?.fields.find(({ key }) => key === 'traits')?.usual;
  const before = typed === undefined || typed === null || typed === '' ? [] : [typed];
  return [
    ...(known
      ? []
      : [
          ofPlanting(planting.id, 'traits_chosen', now, {
            traits: [...before, `${name} (points)`].join('; '),
          }),
        ]),
    ...tasting.plants.map(({ plant, mark }) => {
      const walked = planting.walk.plants.find(({ number }) => number === plant);
      return ofPlanting(planting.id, 'plant_looked_at', now, {
        plant,
        scores: `${name} ${mark}`,
        out: walked?.out ?? null,
        at_edge: walked?.at_edge ?? false,
        rare: walked?.rare ?? '',
      });
    }),
  ];
}
