import type { CropName, Variety } from '../api/client';

export const kinds: [CropName['kind'], string][] = [
  ['vegetable', 'Vegetables'],
  ['pulse', 'Pulses'],
  ['grain', 'Grains'],
  ['herb', 'Herbs'],
  ['cut_flower', 'Flowers for cutting'],
  ['wild_flower', 'Wild flowers'],
];

/** Everything a crop may be called, for finding it. */
export const called = (crop: CropName): string =>
  plain(
    [crop.name, ...crop.other_names, ...crop.abroad, crop.latin, crop.group ?? '', crop.family].join(' '),
  );

/** Small letters without accents. */
export const plain = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{Mn}+/gu, '')
    .toLowerCase()
    .trim();

/** A word as it stands in a name of one: tomatoes, leeks, berries. */
const stem = (word: string): string =>
  word.length < 5 ? word : word.replace(/(?<=[a-z]{2})(?:ies|(?<=o|sh|ch|x|ss)es|(?<![su])s)$/, '');

/** How well a name is met by what was typed: the whole of it, its beginning, the beginning of a word, anything else. */
export const meets = (typed: string, ...names: string[]): number => {
  const text = plain(typed);
  const ranks = names.map((name) => {
    const own = plain(name);
    if (own === text || stem(own) === stem(text)) return 0;
    return own.startsWith(text) ? 1 : own.includes(` ${text}`) ? 2 : 3;
  });
  return Math.min(3, ...ranks);
};

/** Those that are called so, the ones whose very name it is first. */
export const findCrops = (crops: CropName[], typed: string): CropName[] => {
  const words = plain(typed).split(/\s+/).filter(Boolean).map(stem);
  const rank = (crop: CropName) =>
    2 * meets(typed, crop.name) + (meets(typed, ...crop.other_names, ...crop.abroad) === 0 ? -1 : 1);
  const found = crops.filter((crop) => words.every((word) => called(crop).includes(word)));
  return words.length === 0 ? found : found.sort((a, b) => rank(a) - rank(b));
};

/** The species that one common name may mean, when it is more than one. */
export function meanings(crops: CropName[], typed: string): CropName[] {
  const name = typed.trim().toLowerCase();
  if (name === '') return [];
  const meant = crops.filter((crop) =>
    [crop.name, ...crop.other_names].some((own) => own.toLowerCase() === name),
  );
  return new Set(meant.map(({ latin }) => latin)).size > 1 ? meant : [];
}

/** The garden's own varieties, by their names first and by their crops' after that. */
export const findVarieties = <V extends Pick<Variety, 'name' | 'crop_name' | 'latin'>>(
  varieties: V[],
  typed: string,
): V[] => {
  const words = plain(typed.replace(/,/g, ' ')).split(/\s+/).filter(Boolean).map(stem);
  const all = (one: V) => plain(`${one.name}, ${one.crop_name} ${one.latin}`);
  const rank = (one: V) =>
    meets(typed, one.name, `${one.name}, ${one.crop_name}`) * 4 + meets(typed, one.crop_name);
  const found = varieties.filter((one) => words.every((word) => all(one).includes(word)));
  return words.length === 0 ? found : found.sort((a, b) => rank(a) - rank(b));
};
