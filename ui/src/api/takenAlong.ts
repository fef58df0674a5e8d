import type { Chosen, TagRead } from './client';

const plain = (id: string) => id.replaceAll('-', '').toUpperCase();

/**
 * What a tag is of, as far as that was taken along: by the ids in its mark, or by the code that was typed off it. A mark of
 * another garden holds ids that are not among these.
 */
export function readKnown(text: string, things: Chosen[]): TagRead {
  const typed = text.trim().toUpperCase().replaceAll(/\s/g, '');
  const packetOf = ({ packets }: Chosen) =>
    packets.find(({ id, said }) => typed.includes(plain(id)) || codeOf(said) === typed);
  const thing = things.find(
    (one) => typed === one.code || typed.includes(plain(one.id)) || packetOf(one) !== undefined,
  );
  if (thing === undefined)
    return {
      status: 'unknown',
      said: 'It is not among what was taken along. With network it can be looked up.',
      tag: null,
      id: null,
      container: null,
      code: '',
    };
  const packet = packetOf(thing);
  return {
    status: 'here',
    said: packet === undefined ? thing.said : `packet ${packet.said}`,
    tag: null,
    id: thing.id,
    container: packet?.id ?? null,
    code: thing.code,
  };
}

/** What a packet is called stands before what is in it. */
const codeOf = (said: string) => (said.split(',')[0] ?? '').toUpperCase();

/** Things of which every word that was typed is said. */
export function findKnown(text: string, things: Chosen[], most = 8): Chosen[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return words.length === 0
    ? []
    : things
        .filter(({ code, said }) =>
          words.every((word) => code.toLowerCase() === word || said.toLowerCase().includes(word)),
        )
        // The code that was typed stands before those that only begin so.
        .toSorted(
          (a, b) => Number(b.code.toLowerCase() === words[0]) - Number(a.code.toLowerCase() === words[0]),
        )
        .slice(0, most);
}
