import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { v7 } from 'uuid';
import { Refused, type Answered, type Draft, type FieldDeclared } from '../api/client';
import { Asked } from '../api/entries';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { Caution, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { useDraft } from '../kit/draft';
import { DayInput } from '../kit/DayInput';
import { FormFrame } from '../kit/FormFrame';
import { codeIn, things } from './things';
import { sentOf, startOf, type Value } from '../kit/fields';
import { Resumed } from '../kit/Resumed';
import { Waiting } from '../kit/Waiting';
import { useSpoken } from '../kit/spoken';
import { pictured } from './pictured';
import { useFieldChecks } from './useFieldChecks';
import { errorOf, FieldGrid, type Values } from '../kit/FieldGrid';

/** What happened to what, as far as it is known before anything is typed. */
export type Happening = {
  kind: string;
  title: string;
  fields: FieldDeclared[];
  cautions: string[];
  /** the lot or planting; none where one begins with this entry */
  about: Draft['about'] | 'a new lot';
  /** the planting that a new lot is picked from, or the lot that it is set apart from */
  origin?: Draft['about'];
  /** what that is called, where its page has no code of it */
  called?: string;
  /** the entry that this one corrects, as it stands */
  corrects?: { id: string; at: string; payload: Record<string, unknown> };
};

type Typed = { when: string; fields: Values; made: string; of: string };

/** Records one thing that happened. What is refused stays as it was typed, with the reason at its field. */
export function RecordForm({
  happening,
  onDone,
  onCancel,
}: {
  happening: Happening;
  onDone: (saved: Answered) => void;
  onCancel?: () => void;
}) {
  const { moment } = useSpoken();
  const { kind, title, fields, cautions, about, corrects } = happening;
  const shown = fields.filter(({ hidden }) => !hidden);
  const frame = useFrame();
  const say = useSay();
  const where = happening.called ?? codeIn(window.location.pathname);
  const titled = `${title}${where === '' ? '' : `, ${where}`}`;
  const subject = about === 'a new lot' ? `from:${happening.origin?.id ?? ''}` : about.id;
  const which = fields.find(({ hidden, usual }) => hidden && usual !== null)?.usual ?? '';
  const draft = useDraft<Typed>(
    `${subject}:${kind}:${which}:${corrects?.id ?? ''}`,
    () => ({
      when: moment(corrects?.at ?? frame.data?.now ?? ''),
      fields: Object.fromEntries(fields.map((field) => [field.key, start(field, corrects?.payload)])),
      // The id of the lot that begins, or of the test that does.
      made: v7(),
      of: subject,
    }),
    {
      title: titled,
      at: `${window.location.pathname}${corrects === undefined ? `#record-${kind}` : ''}`,
    },
  );
  const { values } = draft;
  const sort = about === 'a new lot' ? undefined : things[about.subject];
  const OfWhat = corrects === undefined ? undefined : sort?.other;
  // What nobody is asked is as the form has it now, not as it was when something was typed into it.
  const valueOf = (field: FieldDeclared) =>
    (field.hidden && corrects === undefined ? undefined : values.fields[field.key]) ?? startOf(field);
  const beginsFrom: Draft['begins'] =
    about === 'a new lot' && happening.origin !== undefined
      ? { [happening.origin.subject]: happening.origin.id }
      : undefined;
  const payload = Object.fromEntries(
    fields
      .map((field) => [
        field.key,
        field.type === 'id' && valueOf(field) === ''
          ? values.made
          : // What it begins from is what its form was opened on.
            field.hidden && beginsFrom && field.key in beginsFrom
            ? (happening.origin?.id ?? '')
            : sentOf(field, valueOf(field)),
      ])
      .filter(([key, value]) => value !== '' || shown.some((field) => field.key === key)),
  ) as Record<string, unknown>;
  const checks = useFieldChecks(kind);
  const Pictured = pictured[kind];
  const save = useRecord((evenSo: boolean) => ({
    title: titled,
    form: draft.name,
    at: window.location.pathname,
    drafts: [
      {
        id: draft.id,
        kind,
        about: about === 'a new lot' ? { subject: 'lot', id: values.made } : { ...about, id: values.of },
        begins: beginsFrom,
        happened_at: values.when,
        payload: payload as Draft['payload'],
        even_so: evenSo,
        replaces: corrects?.id,
      },
    ],
  }));
  const keep = (evenSo: boolean) =>
    checks.isRight(payload) &&
    void afterwards(save.mutateAsync(evenSo), (saved) => {
      draft.clear();
      say(saved.adrift === null ? `Kept. ${saved.said}` : `Kept. ${saved.adrift}`, saved.entry);
      onDone(saved);
    });
  const asked = save.error instanceof Asked ? save.error : undefined;
  const refused = save.error instanceof Refused ? save.error : undefined;
  const errors = { ...refused?.fields, ...checks.wrong };
  // What is asked of a field stands at the field.
  const atFields = ['happened_at', ...shown.map(({ key }) => key)].map((key) => errorOf(key, errors));
  const elsewhere =
    refused !== undefined && asked === undefined && atFields.every((error) => error === undefined);

  return (
    <FormFrame
      label={title}
      refused={Object.keys(checks.wrong).length > 0 ? checks.wrong : refused}
      busy={save.isPending}
      onSubmit={() => keep(false)}
      onLeave={onCancel}
    >
      {cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      <Resumed draft={draft} />
      {/* What was recorded of the wrong thing is moved to the right one. */}
      {OfWhat !== undefined && (
        <Box sx={{ maxWidth: 440, mt: 1.5 }}>
          <OfWhat
            field={{ label: `Of the ${sort?.one ?? ''}`, hint: '' }}
            value={values.of}
            onChange={(of) => draft.set({ of: of === '' ? subject : String(of) })}
          />
        </Box>
      )}
      {Pictured !== undefined && (
        <Pictured
          values={{ ...Object.fromEntries(fields.map((f) => [f.key, startOf(f)])), ...values.fields }}
          onChange={(fields) => draft.set({ fields })}
          of={values.of === subject && corrects === undefined ? where : ''}
        />
      )}
      <FieldGrid
        fields={fields}
        values={values.fields}
        errors={errors}
        onChange={(fields) => draft.set({ fields })}
      >
        <DayInput
          label="When"
          hours
          error={errors['happened_at']}
          value={values.when}
          onChange={(when) => draft.set({ when })}
        />
      </FieldGrid>
      {elsewhere && <Trouble>{refused.message}</Trouble>}
      <Waiting
        write={save}
        onHandOver={
          onCancel &&
          (() => {
            save.handOver();
            onCancel();
          })
        }
      />
      {asked !== undefined && (
        <Caution>
          {asked.questions
            .filter((question) => !atFields.includes(question))
            .map((question) => (
              <Box key={question}>{question}</Box>
            ))}
          That does not fit what is recorded. Mend it above, or keep it if it was so.
        </Caution>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" disabled={save.isPending}>
          {save.isPending ? 'Keeping …' : `Keep: ${title.toLowerCase()}`}
        </Button>
        {asked !== undefined && (
          <Button disabled={save.isPending} onClick={() => keep(true)}>
            It was so all the same
          </Button>
        )}
        {onCancel !== undefined && (
          <Button
            variant="text"
            onClick={() => {
              save.stop();
              draft.clear();
              onCancel();
            }}
          >
            Cancel
          </Button>
        )}
      </Box>
    </FormFrame>
  );
}

/** What a field holds when the form opens: what was recorded, where it is being corrected. */
function start(field: FieldDeclared, recorded?: Record<string, unknown>): Value {
  const before = recorded?.[field.key];
  if (recorded === undefined) return startOf(field);
  if (before === undefined || before === null)
    return field.type === 'flag' ? false : field.count === null ? '' : [''];
  if (Array.isArray(before)) return before.map(String);
  return typeof before === 'boolean' ? before : String(before);
}
