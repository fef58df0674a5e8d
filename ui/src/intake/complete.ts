import type { CropName } from '../api/client';

/** What may be meant, the likeliest first, and whether the first of it is likely enough to be taken by going on. */
export type Completed = { options: string[]; sure: boolean };

const begins = (name: string, typed: string) => name.toLowerCase().startsWith(typed);

/**
 * Crops by any of their names. A name that means several crops is completed to none of them.
 *
 * @param several names that mean several crops, in small letters
 */
export function completeCrop(crops: CropName[], several: ReadonlySet<string>, typed: string): Completed {
  const text = typed.trim().toLowerCase();
  if (text === '') return { options: [], sure: false };
  const named = (crop: CropName) => [crop.name, ...crop.other_names, crop.latin];
  const first = crops
    .filter((crop) => begins(crop.name, text))
    // The shorter name is the commoner crop: tomato before tomatillo.
    .sort((a, b) => a.name.length - b.name.length || a.name.localeCompare(b.name));
  const others = crops.filter(
    (crop) =>
      !first.includes(crop) &&
      named(crop).some(
        (name) =>
          name
            .toLowerCase()
            .split(/\W+/)
            .some((word) => begins(word, text)) || begins(name, text),
      ),
  );
  const exact = first.some(({ name }) => name.toLowerCase() === text);
  return {
    options: [...first, ...others].slice(0, 12).map(({ name }) => name),
    sure: first.length > 0 && (exact || !several.has(text)),
  };
}

/** Texts that were written before; sure only where the keeper chooses from a few, as of containers. */
export function completeText(known: string[], typed: string, closed: boolean): Completed {
  const text = typed.trim().toLowerCase();
  if (text === '') return { options: closed ? known : known.slice(0, 12), sure: false };
  const first = known.filter((name) => begins(name, text));
  const others = known.filter(
    (name) =>
      !first.includes(name) &&
      name
        .toLowerCase()
        .split(/\W+/)
        .some((word) => begins(word, text)),
  );
  const options = [...first, ...others].slice(0, 12);
  return { options, sure: closed && options.length > 0 };
}
