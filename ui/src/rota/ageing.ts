import type { RotaLine } from '../api/client';

/** Chance that the seed which the line then rests on can renew it, at the beginning of each year and of the one after the
 * last: the seed now held, and from each harvest on what was harvested, if all goes well. */
export function ageing(line: RotaLine, seasons: number[]): number[] {
  const harvests = line.growings.map(({ harvest }) => harvest).sort((a, b) => a - b);
  return [...seasons, (seasons.at(-1) ?? 0) + 1].map((year, i) => {
    const last = harvests.filter((harvest) => harvest < year).at(-1);
    return last === undefined ? (line.alive[i] ?? 0) : (line.renewed[year - last] ?? 0);
  });
}

/** A line through the chances, over a width of one a year and a height of 1, falling to the foot at its end. */
export const areaOf = (chances: number[]) =>
  `M0,1 ${chances.map((chance, i) => `L${i},${(1 - chance).toFixed(3)}`).join(' ')} L${chances.length - 1},1 Z`;
