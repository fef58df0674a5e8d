import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useRef, useState, type KeyboardEvent } from 'react';
import { v5 } from 'uuid';
import { Refused, type Answered, type ManyOffer, type OneOfMany } from '../api/client';
import { NoneKept } from '../api/entries';
import { useRecord } from '../api/outbox';
import { useFrame } from '../api/queries';
import { Caution, Trouble } from '../kit/Section';
import { DayInput } from '../kit/DayInput';
import { FormFrame } from '../kit/FormFrame';
import { useSay } from '../kit/Said';
import { useDraft } from '../kit/draft';
import { errorOf, FieldGrid, type Values } from '../kit/FieldGrid';
import { FieldInput } from '../kit/fields';
import { Resumed } from '../kit/Resumed';
import { useSpoken } from '../kit/spoken';
import { Waiting } from '../kit/Waiting';
import { askedOf, ownOf, payloadOf, startOfOne, withAsEach } from './atOnce';
import { ThingName } from './ThingName';

type Typed = { when: string; once: Values; each: Record<string, Values>; differ: boolean };

/**
 * Records the same of many things: asked once, and of each what each has its own of, one after the other. Those that are kept
 * leave the form; those that are not stay in it, each with the reason.
 */
export function ManyForm({
  many,
  things,
  onKept,
  onCancel,
}: {
  many: ManyOffer;
  /** of which it can be recorded */
  things: OneOfMany[];
  /** the codes of those that were kept */
  onKept: (codes: string[]) => void;
  onCancel: () => void;
}) {
  const { moment } = useSpoken();
  const frame = useFrame();
  const say = useSay();
  const { offer } = many;
  const draft = useDraft<Typed>(
    `many:${offer.kind}:${offer.act}`,
    () => ({ when: moment(frame.data?.now ?? ''), once: {}, each: {}, differ: false }),
    {
      title: `${offer.act}: ${things.map(({ tag }) => tag.code).join(', ')}`,
      at: `${window.location.pathname}${window.location.search}#many-${offer.kind}`,
    },
  );
  const { values } = draft;
  const asked = askedOf(many, values.differ);
  const save = useRecord((evenSo: string[]) => ({
    title: `${offer.act}, ${things.length} at once`,
    form: draft.name,
    act: draft.id,
    drafts: things.map((thing) => ({
      // Sent again it is the same entry; what was refused of it may be mended.
      id: v5(thing.id, draft.id),
      kind: offer.kind,
      about: { subject: thing.subject, id: thing.id },
      happened_at: values.when,
      payload: payloadOf(
        many,
        thing.id,
        asked,
        values.once,
        values.each[thing.id] ?? {},
        v5(`made ${thing.id}`, draft.id),
      ),
      even_so: evenSo.includes(thing.id),
    })),
  }));
  const [answers, setAnswers] = useState<Record<string, Answered>>({});
  const trouble = save.error instanceof NoneKept ? null : save.error;

  const keep = async (evenSo: string[]) => {
    const sent = things;
    const heard = (all: Answered[]) =>
      setAnswers(Object.fromEntries(all.map((answer, i) => [sent[i]?.id ?? '', answer])));
    try {
      const saved = await save.mutateAsync(evenSo);
      const each = saved.answers ?? [];
      const kept = sent.filter((_, i) => each[i]?.status === 'kept');
      const left = sent.length - kept.length;
      heard(each);
      const adrift = each.filter((answer) => answer.status === 'kept' && answer.adrift !== null).length;
      if (left === 0) draft.clear();
      say(
        [
          `Kept. ${saved.said}`,
          ...(adrift > 0 ? [`of ${adrift} nothing is reckoned, as the journal says`] : []),
          ...(left > 0 ? [`${left} not kept`] : []),
        ].join('; '),
        saved.entry,
      );
      onKept(kept.map(({ tag }) => tag.code));
    } catch (error) {
      if (error instanceof NoneKept) heard(error.answers);
      else if (!(error instanceof Refused)) throw error;
    }
  };

  const failed = Object.values(answers).some(({ status }) => status !== 'kept') ? answers : undefined;
  // What is wrong with what was asked once is said once.
  const refused = things.flatMap(({ id }) => {
    const answer = answers[id];
    return answer === undefined || answer.status === 'kept' ? [] : [{ id, answer }];
  });
  const errorsOnce: Record<string, string> = {};
  for (const key of ['happened_at', ...asked.once.map(({ key }) => key)]) {
    const errors = refused.map(({ answer }) =>
      answer.status === 'asked' ? undefined : errorOf(key, answer.errors),
    );
    const [error] = errors;
    // Of some alone it is said of those.
    if (error !== undefined && refused.length === things.length && errors.every((one) => one === error))
      errorsOnce[key] = error;
  }
  const questioned = refused.filter(({ answer }) => answer.status === 'asked').map(({ id }) => id);

  return (
    <FormFrame
      label={`${offer.act}: ${things.length} at once`}
      refused={failed}
      busy={save.isPending}
      onSubmit={() => void keep([])}
      onLeave={onCancel}
    >
      {offer.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      <Resumed draft={draft} />
      <FieldGrid
        fields={asked.once.map((field) => withAsEach(field, many))}
        values={values.once}
        errors={errorsOnce}
        onChange={(once) => draft.set({ once })}
      >
        <DayInput
          label="When"
          hours
          error={errorsOnce['happened_at']}
          value={values.when}
          onChange={(when) => draft.set({ when })}
        />
      </FieldGrid>
      {asked.may.length > 0 && things.length > 1 && (
        <FormControlLabel
          control={
            <Checkbox
              checked={values.differ}
              onChange={(event) => draft.set({ differ: event.target.checked })}
            />
          }
          label={`Of each by itself: ${asked.may.map(({ label }) => label.charAt(0).toLowerCase() + label.slice(1)).join(', ')}`}
        />
      )}
      <Rows
        many={many}
        things={
          asked.each.length > 0 ? things : things.filter(({ id }) => refused.some((one) => one.id === id))
        }
        fields={asked.each}
        values={values.each}
        answers={answers}
        said={Object.keys(errorsOnce)}
        onChange={(each) => draft.set({ each })}
      />
      {trouble !== null && <Trouble>{trouble.message}</Trouble>}
      <Waiting
        write={save}
        onHandOver={() => {
          save.handOver();
          onCancel();
        }}
      />
      {questioned.length > 0 && (
        <Caution>That does not fit what is recorded. Mend it above, or keep it if it was so.</Caution>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <Button type="submit" variant="contained" disabled={save.isPending}>
          {save.isPending ? 'Keeping …' : `Keep: ${offer.act.toLowerCase()}, ${things.length} at once`}
        </Button>
        {questioned.length > 0 && (
          <Button disabled={save.isPending} onClick={() => void keep(questioned)}>
            It was so all the same
          </Button>
        )}
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
      </Box>
    </FormFrame>
  );
}

/** A line for each: what it is, its own figures, and what was wrong with it. Enter goes to the next. */
function Rows({
  many,
  things,
  fields,
  values,
  answers,
  said,
  onChange,
}: {
  many: ManyOffer;
  things: OneOfMany[];
  fields: ManyOffer['offer']['fields'];
  values: Record<string, Values>;
  answers: Record<string, Answered>;
  /** fields at which what is wrong is said already */
  said: string[];
  onChange: (values: Record<string, Values>) => void;
}) {
  const rows = useRef<HTMLDivElement>(null);
  const next = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
    const inputs = [...(rows.current?.querySelectorAll<HTMLInputElement>('input') ?? [])];
    const after = inputs[inputs.indexOf(event.target) + 1];
    // After the last of them it is kept.
    if (after === undefined) return;
    event.preventDefault();
    after.focus();
    after.select();
  };
  if (things.length === 0) return null;
  const columns = `minmax(0, 1fr) repeat(${fields.length}, minmax(112px, 168px))`;
  return (
    <Box ref={rows} role="group" aria-label="Each by itself" onKeyDown={next} sx={{ my: 1, maxWidth: 760 }}>
      {fields.length > 0 && (
        <Box
          aria-hidden="true"
          sx={{ display: { xs: 'none', sm: 'grid' }, gridTemplateColumns: columns, gap: 1, fontWeight: 700 }}
        >
          <span />
          {fields.map(({ key, label }) => (
            <span key={key}>{label}</span>
          ))}
        </Box>
      )}
      {things.map((thing) => {
        const own = ownOf(many, thing.id);
        const answer = answers[thing.id];
        const failed = answer !== undefined && answer.status !== 'kept';
        const errors = failed && answer.status === 'refused' ? answer.errors : {};
        const atFields = [...said, ...fields.map(({ key }) => key)];
        const unsaid = Object.entries(errors).filter(
          ([path]) => !atFields.includes(path.split('.')[0] ?? ''),
        );
        const elsewhere = !failed
          ? []
          : answer.status === 'asked'
            ? answer.questions
            : Object.keys(errors).length === 0
              ? [answer.message]
              : unsaid.map(([, words]) => words);
        return (
          <Box
            key={thing.id}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: { xs: 'minmax(0, 1fr) 132px', sm: columns },
              columnGap: 1,
              alignItems: 'center',
              py: 0.25,
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
            })}
          >
            <Box sx={{ gridRow: { xs: `span ${Math.max(1, fields.length)}`, sm: 'auto' }, minWidth: 0 }}>
              <ThingName tag={thing.tag} />
            </Box>
            {fields.map((field) => (
              <FieldInput
                key={field.key}
                bare
                field={{ ...field, label: `${field.label}, ${thing.tag.code}` }}
                value={values[thing.id]?.[field.key] ?? startOfOne(field, own)}
                error={errorOf(field.key, errors)}
                onChange={(value) =>
                  onChange({ ...values, [thing.id]: { ...values[thing.id], [field.key]: value } })
                }
              />
            ))}
            {elsewhere.map((words) => (
              <Box
                key={words}
                role="alert"
                sx={(t) => ({ gridColumn: '1 / -1', color: t.vars?.palette.error.main, fontWeight: 700 })}
              >
                {words}
              </Box>
            ))}
          </Box>
        );
      })}
    </Box>
  );
}
