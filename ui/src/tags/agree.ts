import type { TagRead } from '../api/client';
import { sortOfCode, things } from '../record/things';

type Read = Pick<TagRead, 'id' | 'container' | 'said' | 'code'>;

/**
 * Whether the tag inside a container and the one outside are of one seed, and why not where they are not. A packet's tag
 * agrees with the lot's own, which says less, but not with another packet's.
 *
 * @param of  the code of the lot that is being closed, where that is known
 */
export function agree(
  inner: Read | null,
  outer: Read | null,
  of: string | null,
): { same: boolean; stops: string } {
  for (const [where, tag] of [
    ['inside', inner],
    ['outside', outer],
  ] as const) {
    if (tag === null) continue;
    if (sortOfCode(tag.code) !== things.lot)
      return stop(
        `The tag ${where} is of a ${sortOfCode(tag.code).one}, ${tag.said}: a container holds a lot.`,
      );
    if (of !== null && tag.code !== of)
      return stop(`The tag ${where} is of ${tag.said}, and you are closing ${of}. Stop and look.`);
  }
  if (inner === null || outer === null) return { same: false, stops: '' };
  if (inner.id !== outer.id)
    return stop(
      `Stop: inside is ${inner.said}, outside ${outer.said}. One of the two is in the wrong place.`,
    );
  if (inner.container !== null && outer.container !== null && inner.container !== outer.container)
    return stop(`Stop: one lot, but two packets: inside is ${inner.said}, outside ${outer.said}.`);
  return { same: true, stops: '' };
}

const stop = (stops: string) => ({ same: false, stops });
