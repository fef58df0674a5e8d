import { useQueryClient } from '@tanstack/react-query';
import { v7 } from 'uuid';
import type { LineDraft } from '../api/client';
import { draftOf } from '../api/lines';
import { Asked, NoneKept } from '../api/entries';
import { send, sendLater } from '../api/outbox';
import { clockAt } from '../kit/clock';
import { setAside } from '../kit/draft';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { pageOfCode, things } from './things';

/** Why a line was not kept, as far as it was said: what is asked, or what cannot be. */
export function whyNot(error: unknown): string[] {
  if (error instanceof Asked) return error.questions;
  if (error instanceof NoneKept)
    return error.answers.flatMap(({ questions, message }) => (questions.length > 0 ? questions : [message]));
  return [error instanceof Error ? error.message : 'That could not be kept.'];
}

/** What a line says leaves by the one queue; what cannot be kept as it stands goes into the form that fits it. */
export function useTheLine() {
  const client = useQueryClient();
  const say = useSay();
  const { day, moment } = useSpoken();
  return {
    keep: async (drafts: LineDraft[], text: string, evenSo: boolean) => {
      const saved = await send(client, {
        title: text,
        drafts: drafts.map((draft) => draftOf(draft, v7(), evenSo)),
        // Half of a line kept would be kept once more when it is sent again.
        ...(drafts.length > 1 && { act: v7(), whole: true }),
      });
      say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry);
    },
    /** Where nobody can read it now it waits as it was written. */
    keepAsWritten: (text: string, about: string) => {
      const at = clockAt(new Date());
      sendLater(client, { title: text, line: { text, about, at } });
      say('It waits here as you wrote it, and is read when there is network.');
    },
    /** @returns where the form is, with what was understood in it */
    toForm: (draft: LineDraft): string => {
      const when = draft.happened_at.length > 10 ? moment(draft.happened_at) : day(draft.happened_at);
      if (draft.begins?.variety) {
        const at = draft.subject === 'planting' ? '/plot/new' : '/store/new';
        const { variety, spot } = draft.begins;
        const values = {
          begun: draft.about,
          kind: draft.kind,
          variety,
          spot,
          packet: '',
          fields: draft.payload,
        };
        setAside(`begin:${draft.subject}:`, { id: v7(), values: { ...values, when }, title: draft.said, at });
        return at;
      }
      const page =
        things[draft.subject].letter === undefined
          ? things[draft.subject].page(draft.about)
          : pageOfCode(draft.code);
      // As the form calls what it is of: a thing, or a lot to come from a planting.
      const from = draft.begins?.planting ?? draft.begins?.lot;
      const of = from ? `from:${from}` : draft.about;
      setAside(`${of}:${draft.kind}:${draft.which}:`, {
        id: v7(),
        values: { when, fields: draft.payload, made: v7(), of: draft.about },
        title: draft.said,
        at: `${page}#record-${draft.kind}`,
      });
      return `${page}#record-${draft.kind}`;
    },
  };
}
