import type { CropName } from '../api/client';

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
  [crop.name, ...crop.other_names, crop.latin, crop.group ?? '', crop.family].join(' ').toLowerCase();

export const findCrops = (crops: CropName[], typed: string): CropName[] => {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return crops.filter((crop) => words.every((word) => called(crop).includes(word)));
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
