import type { ChosenTrait, WalkedPlant } from '../api/client';

/** What is told of one plant as one stands before it. */
export type Look = { scores: (string | null)[]; out: string; atEdge: boolean; rare: string };

/** What was told of it before, or nothing. */
export const lookOf = (plant: WalkedPlant | undefined, traits: ChosenTrait[]): Look => ({
  scores: traits.map((_, i) => plant?.scores[i] ?? null),
  out: plant?.out ?? '',
  atEdge: plant?.at_edge ?? false,
  rare: plant?.rare ?? '',
});

/** "health 4; stem height 42": what was told, by the names of the traits. */
export const scoresOf = (look: Look, traits: ChosenTrait[]): string =>
  traits
    .flatMap(({ name }, i) => {
      const told = (look.scores[i] ?? '').trim();
      return told === '' ? [] : [`${name} ${told}`];
    })
    .join('; ');

export const payloadOf = (number: number, look: Look, traits: ChosenTrait[]) => ({
  plant: number,
  scores: scoresOf(look, traits),
  out: look.out === '' ? null : look.out,
  at_edge: look.atEdge,
  rare: look.rare.trim(),
});

/** The first along the row that nobody looked at; after the last of them the first of all. */
export function firstLeft(plants: WalkedPlant[], there: number | null): number {
  const seen = new Set(plants.map(({ number }) => number));
  for (let n = 1; n <= (there ?? plants.length + 1); n++) if (!seen.has(n)) return n;
  return 1;
}
