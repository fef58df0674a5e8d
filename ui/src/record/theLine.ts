import { useQueryClient } from '@tanstack/react-query';
import { v7 } from 'uuid';
import type { Draft, LineDraft, LineRead } from '../api/client';
import { send } from '../api/outbox';
import { setAside } from '../kit/draft';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { pageOfCode } from './things';

/** Whether a line says something that can be kept as it stands. */
export const isWhole = ({ drafts, left_over, doubts }: LineRead): boolean =>
  drafts.length > 0 &&
  left_over.length === 0 &&
  doubts.length === 0 &&
  drafts.every((draft) => draft.doubts.length === 0);

const draftOf = (draft: LineDraft, evenSo: boolean): Draft => ({
  id: v7(),
  kind: draft.kind,
  about: { subject: draft.subject, id: draft.about },
  happened_at: draft.happened_at,
  begins: (draft.from ?? null) === null ? undefined : { planting: draft.from ?? '' },
  payload: draft.payload as Draft['payload'],
  even_so: evenSo,
});

/** What a line says leaves by the one queue; what cannot be kept as it stands goes into the form that fits it. */
export function useTheLine() {
  const client = useQueryClient();
  const say = useSay();
  const { day, moment } = useSpoken();
  return {
    keep: async (drafts: LineDraft[], text: string, evenSo: boolean) => {
      const saved = await send(client, {
        title: text,
        drafts: drafts.map((draft) => draftOf(draft, evenSo)),
        ...(drafts.length > 1 && { act: v7() }),
      });
      say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry);
    },
    /** @returns where the form is, with what was understood in it */
    toForm: (draft: LineDraft): string => {
      const page = pageOfCode(draft.code);
      setAside(
        `${(draft.from ?? null) === null ? draft.about : `from:${draft.from ?? ''}`}:${draft.kind}::`,
        {
          id: v7(),
          values: {
            when: draft.happened_at.length > 10 ? moment(draft.happened_at) : day(draft.happened_at),
            fields: draft.payload,
            made: v7(),
            of: draft.about,
          },
          title: draft.said,
          at: `${page}#record-${draft.kind}`,
        },
      );
      return `${page}#record-${draft.kind}`;
    },
  };
}
