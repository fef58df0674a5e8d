import { v5 } from 'uuid';
import { api, Refused, take, type Draft, type LineDraft, type LineRead } from './client';

/** Whether a line says something that can be kept as it stands. */
export const isWhole = ({ drafts, left_over, doubts }: LineRead): boolean =>
  drafts.length > 0 &&
  left_over.length === 0 &&
  doubts.length === 0 &&
  drafts.every((draft) => draft.doubts.length === 0);

const beginsOf = ({ begins }: LineDraft): Draft['begins'] =>
  begins?.planting
    ? { planting: begins.planting }
    : begins?.lot
      ? { lot: begins.lot }
      : begins?.variety
        ? { variety: begins.variety, spot: begins.spot }
        : undefined;

/**
 * @param id of the entry, made by whoever sends it
 * @param about id of what it is of, where that begins with it and is not the one that was read
 */
export const draftOf = (draft: LineDraft, id: string, evenSo: boolean, about?: string): Draft => ({
  id,
  kind: draft.kind,
  about: {
    subject: draft.subject,
    id: beginsOf(draft) === undefined ? draft.about : (about ?? draft.about),
  },
  happened_at: draft.happened_at,
  begins: beginsOf(draft),
  payload: draft.payload as Draft['payload'],
  even_so: evenSo,
});

/** Why a line cannot be kept as it was read. */
const lacks = ({ drafts, left_over, doubts }: LineRead): string =>
  [
    ...drafts.flatMap((draft) => draft.doubts),
    ...doubts,
    ...(left_over.length > 0 ? [`Not understood: ${left_over.join(', ')}`] : []),
    ...(drafts.length === 0 && left_over.length === 0 ? ['It says nothing that can be recorded.'] : []),
  ].join(' ');

/**
 * What a line says that was written where there was no network. However often it is sent it is kept once: the ids follow from
 * the press.
 */
export async function readWritten(
  line: { text: string; about: string; at: string },
  press: string,
): Promise<Draft[]> {
  const read = await take(api.POST('/lines/read', { body: line }));
  if (!isWhole(read)) throw new Refused(lacks(read), {}, 422);
  return read.drafts.map((draft, i) =>
    draftOf(draft, v5(`entry ${i}`, press), false, v5(`thing ${i}`, press)),
  );
}
