import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import { v7 } from 'uuid';
import { api, Refused, take, type Crop, type Offer, type Saved, type Test } from '../api/client';
import { then, useFrame, useStorePlaces, useWrite } from '../api/queries';
import { Caution, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { useDraft } from '../kit/draft';
import { FieldInput, TextInput, type Value } from '../kit/fields';
import { fieldsOf, type Field } from './fields';

type Typed = { when: string; fields: Record<string, Value>; aside: string };

/** Where an entry goes: onto a lot, onto a planting, or, for a planting's first picking, into a new lot. */
export type Onto = { code: string; as: 'lot' | 'planting' | 'new-lot' };

/** Records one thing that happened. What is refused stays as it was typed, with the reason at its field. */
export function RecordForm({
  onto,
  offer,
  crop,
  test,
  onDone,
  onCancel,
}: {
  onto: Onto;
  offer: Offer;
  crop: Crop;
  test?: Test;
  onDone: (saved: Saved) => void;
  onCancel?: () => void;
}) {
  const fields = fieldsOf(offer.kind, crop, test);
  const frame = useFrame();
  const places = useStorePlaces();
  const say = useSay();
  const draft = useDraft<Typed>(`${onto.code}:${offer.kind}:${test?.id ?? ''}`, () => ({
    when: frame.data?.now ?? '',
    fields: Object.fromEntries(fields.map((field) => [field.name, usual(field)])),
    // Ids that a new lot or a new test will go by.
    aside: v7(),
  }));
  const { values } = draft;
  const save = useWrite(async () => {
    const payload: Record<string, unknown> = Object.fromEntries(
      fields.map((field) => [field.name, sent(field, values.fields[field.name])]),
    );
    if (offer.kind === 'test_started') payload['test'] = values.aside;
    if (test !== undefined) payload['test'] = test.id;
    if (offer.kind === 'stored') {
      const place = places.data?.find(({ name }) => name === payload['place']);
      payload['temperature_c'] = place?.temperature;
      payload['rh'] = place?.rh;
    }
    const body = { id: draft.id, happened_at: values.when, payload };
    const params = { path: { code: onto.code } };
    switch (onto.as) {
      case 'lot':
        return take(api.POST('/lots/{code}/entries', { params, body: { ...body, kind: offer.kind } }));
      case 'planting':
        return take(api.POST('/plantings/{code}/entries', { params, body: { ...body, kind: offer.kind } }));
      case 'new-lot':
        return take(api.POST('/plantings/{code}/lots', { params, body: { ...body, lot: values.aside } }));
    }
  });
  const refused = save.error instanceof Refused ? save.error : undefined;
  const form = useRef<HTMLFormElement>(null);
  // What was refused may stand above what is in view.
  useEffect(() => {
    if (refused !== undefined) form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [refused]);
  const known = new Set(['happened_at', ...fields.map(({ name }) => name)]);
  const elsewhere = refused !== undefined && !Object.keys(refused.fields).some((name) => known.has(name));

  return (
    <Box
      component="form"
      ref={form}
      noValidate
      aria-label={offer.title}
      onSubmit={(event) => {
        event.preventDefault();
        void then(save.mutateAsync(undefined), (saved) => {
          draft.clear();
          say(`Kept. ${saved.said}`, saved.entry);
          onDone(saved);
        });
      }}
    >
      {offer.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fill, minmax(210px, 1fr))' },
          gap: 2,
          alignItems: 'start',
          my: 1.5,
        }}
      >
        {fields.map((field) => (
          <Box
            key={field.name}
            sx={field.type === 'long' || field.type === 'list' ? { gridColumn: '1 / -1' } : undefined}
          >
            <FieldInput
              field={field}
              value={values.fields[field.name] ?? usual(field)}
              error={refused?.fields[field.name]}
              onChange={(value) => draft.set({ fields: { ...values.fields, [field.name]: value } })}
            />
          </Box>
        ))}
        <TextInput
          label="When"
          type="datetime-local"
          error={refused?.fields['happened_at']}
          value={values.when}
          onChange={(when) => draft.set({ when })}
        />
      </Box>
      {elsewhere && <Trouble>{refused.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" disabled={save.isPending}>
          {save.isPending ? 'Keeping …' : `Keep: ${offer.title.toLowerCase()}`}
        </Button>
        {onCancel !== undefined && (
          <Button
            variant="text"
            onClick={() => {
              draft.clear();
              onCancel();
            }}
          >
            Leave it
          </Button>
        )}
      </Box>
    </Box>
  );
}

function usual(field: Field): Value {
  if (field.type === 'flag') return false;
  if (field.type === 'list') return Array.from({ length: field.count }, () => field.usual ?? '');
  return 'usual' in field ? (field.usual ?? '') : '';
}

/** An empty line of a growing list is no sample; an empty count of a dish is left for the server to ask for. */
function sent(field: Field, value: Value | undefined): unknown {
  if (field.type === 'list' && Array.isArray(value))
    return field.grows === true ? value.filter((item) => item.trim() !== '') : value;
  return value;
}
