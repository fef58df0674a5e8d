import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v7 } from 'uuid';
import { Refused, type Beginning, type Draft, type PlaceName, type Variety } from '../api/client';
import { Asked } from '../api/entries';
import { useRecord } from '../api/outbox';
import { unbornPage } from '../api/pending';
import { afterwards, useBeginnings, useChoices, useFrame, useVarieties } from '../api/queries';
import { may, usePresent } from '../api/present';
import { Caution, Empty, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { useLook } from '../api/look';
import { useDraft } from '../kit/draft';
import { Coming } from '../kit/Coming';
import { Resumed } from '../kit/Resumed';
import { Waiting } from '../kit/Waiting';
import { findVarieties } from './handbook';
import { ChoiceInput, Labelled, sentOf, startOf, TextInput } from '../kit/fields';
import { DayInput } from '../kit/DayInput';
import { useSpoken } from '../kit/spoken';
import { FieldGrid, type Values } from '../kit/FieldGrid';
import { useFieldChecks } from './useFieldChecks';
import { pictured } from './pictured';
import { PacketInput } from './PacketInput';
import { OfCrop } from './ThingInput';
import { VarietyForm } from './VarietyForm';

/** The planting of a plan that is sown here, as long as it is of its variety; a packet's own sowing is none. */
const plannedAs = (given: URLSearchParams, variety: string): string =>
  given.get('variety') === variety && given.get('planned')?.startsWith('plan:') === true
    ? (given.get('planned') ?? '').slice(5)
    : '';

/** The same fields but for one. */
const without = (fields: Values, key: string): Values =>
  Object.fromEntries(Object.entries(fields).filter(([of]) => of !== key));

/** The lot that a variety is sown from where there is but one of it; nothing where there is a choice, or none. */
function useOnlyLot(variety: Variety | null): string | undefined {
  const lots = useChoices('lots', variety?.crop, variety !== null).data;
  const ofIt = (lots ?? []).filter((lot) => lot.variety === variety?.id && lot.is_left);
  return ofIt.length === 1 ? ofIt[0]?.id : undefined;
}

/**
 * A planting or a lot begins out of nothing: with what, of which variety, when. Where it can begin in several ways, the
 * keeper says which.
 */
export function Begin({
  subject,
  title,
  says = '',
  usual = {},
  to,
}: {
  subject: Beginning['subject'];
  title: string;
  /** what is meant by it, under its title */
  says?: string;
  /** what stands in its fields to begin with, where that is another than usual */
  usual?: Values;
  to: PlaceName;
}) {
  const { moment } = useSpoken();
  const mayRecord = may(usePresent(), 'helper');
  const ways = (useBeginnings().data ?? []).filter((way) => way.subject === subject);
  const varieties = useVarieties();
  const frame = useFrame();
  const navigate = useNavigate();
  const { at } = useLook();
  const say = useSay();
  const [adding, setAdding] = useState(false);
  // A sowing of the plan comes with what the plan knows of it.
  const [given] = useSearchParams();
  const draft = useDraft(
    `begin:${subject}:${given.get('planned') ?? ''}`,
    () => ({
      begun: v7(),
      kind: '',
      variety: given.get('variety') ?? '',
      spot: given.get('spot') ?? '',
      packet: given.get('packet') ?? '',
      fields: {
        ...Object.fromEntries(
          ['plants', 'lot', 'seeds'].flatMap((key) => (given.has(key) ? [[key, given.get(key) ?? '']] : [])),
        ),
        ...(given.has('sprouts') && { sprouts: true }),
      } as Values,
      when: moment(frame.data?.now ?? ''),
    }),
    { title, at: `${window.location.pathname}${window.location.search}` },
  );
  const { values: typed, set } = draft;
  const chosen = varieties.data?.find(({ id }) => id === typed.variety) ?? null;
  const only = useOnlyLot(subject === 'planting' ? chosen : null);
  // Who says that it came from elsewhere has said that it was not of that lot.
  const values =
    only === undefined || (typed.fields['sown_from'] ?? '') !== ''
      ? typed
      : { ...typed, fields: { lot: only, ...typed.fields } };
  const way = ways.find(({ kind }) => kind === values.kind) ?? ways[0];
  const Pictured = pictured[way?.kind ?? ''];
  const fields = (way?.fields ?? []).filter(({ hidden }) => !hidden);
  const payload = {
    ...Object.fromEntries(
      fields.map((field) => [
        field.key,
        sentOf(field, values.fields[field.key] ?? usual[field.key] ?? startOf(field)),
      ]),
    ),
    ...(values.packet !== '' && { container: values.packet }),
    ...(plannedAs(given, values.variety) !== '' && { planned: plannedAs(given, values.variety) }),
  } as Record<string, unknown>;
  const checks = useFieldChecks(way?.kind ?? '');
  const save = useRecord((evenSo: boolean) => ({
    title: chosen === null ? title : `${way?.title ?? title}: ${chosen.name}, ${chosen.crop_name}`,
    form: draft.name,
    at: unbornPage(values.begun),
    drafts: [
      {
        id: draft.id,
        kind: way?.kind ?? '',
        about: { subject, id: values.begun },
        begins: { variety: values.variety, spot: values.spot },
        happened_at: values.when,
        payload: payload as Draft['payload'],
        even_so: evenSo,
      },
    ],
  }));
  const keep = (evenSo: boolean) =>
    checks.isRight(
      payload,
      values.variety === '' ? { variety: 'Choose the variety, or add it first.' } : {},
    ) &&
    void afterwards(save.mutateAsync(evenSo), (saved) => {
      draft.clear();
      say(`Kept. ${saved.said}`, saved.entry);
      void navigate(at(`/${to}/${saved.code}`));
    });
  const asked = save.error instanceof Asked ? save.error : undefined;
  const errors: Record<string, string> = {
    ...(save.error instanceof Refused && save.error.fields),
    ...checks.wrong,
  };
  // A button that changes from grey to black while one reads it is read as grey.
  if (way === undefined) return <Coming lines={6} height={44} />;
  if (!mayRecord) return <Empty>You may look at this garden. To record in it, ask its owner.</Empty>;
  return (
    <Box sx={{ maxWidth: 720 }}>
      <Typography variant="h1" sx={{ mb: 2 }}>
        {way === ways[0] ? title : way.act}
      </Typography>
      {says !== '' && <Box sx={{ mb: 2, maxWidth: '46em' }}>{says}</Box>}
      <Resumed draft={draft} />
      <Labelled label="Variety" error={errors['variety']}>
        {({ id }) => (
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Autocomplete
              id={id}
              sx={{ flex: 1, minWidth: 220 }}
              options={varieties.data ?? []}
              value={chosen}
              getOptionLabel={(option: Variety) => `${option.name}, ${option.crop_name}`}
              getOptionKey={(option) => option.id}
              isOptionEqualToValue={(a, b) => a.id === b.id}
              filterOptions={(options, { inputValue }) => findVarieties(options, inputValue)}
              onChange={(_, variety) =>
                set({ variety: variety?.id ?? '', fields: without(typed.fields, 'lot'), packet: '' })
              }
              noOptionsText="No variety of that name yet: add it"
              renderOption={({ key, ...props }, option) => (
                <li key={key} {...props}>
                  <span>
                    <b>{option.name}</b>, {option.crop_name}, <em lang="la">{option.latin}</em>
                  </span>
                </li>
              )}
              renderInput={(params) => <TextField {...params} placeholder="Name of the variety or crop" />}
            />
            {!adding && <Button onClick={() => setAdding(true)}>Add a variety</Button>}
          </Box>
        )}
      </Labelled>
      {adding && (
        <VarietyForm
          onSaved={({ entry }) => {
            setAdding(false);
            set({ variety: entry, fields: without(typed.fields, 'lot'), packet: '' });
          }}
          onCancel={() => setAdding(false)}
        />
      )}
      <Box
        component="form"
        noValidate
        sx={{ mt: 2 }}
        onSubmit={(event) => {
          event.preventDefault();
          keep(false);
        }}
      >
        {ways.length > 1 && (
          <ChoiceInput
            label="How it begins"
            options={ways.map(({ kind, act }) => ({ key: kind, label: act }))}
            value={way.kind}
            onChange={(kind) => set({ kind })}
          />
        )}
        {Pictured !== undefined && (
          <Pictured values={values.fields} onChange={(fields) => set({ fields })} of="" />
        )}
        <OfCrop value={chosen?.crop}>
          <FieldGrid
            key={way.kind}
            fields={fields}
            values={{ ...usual, ...values.fields }}
            errors={errors}
            onChange={(next) =>
              set({
                // What was only filled in is not kept as chosen: another variety has another lot.
                fields:
                  typed.fields['lot'] === undefined && next['lot'] === only ? without(next, 'lot') : next,
                packet: next['lot'] === values.fields['lot'] ? values.packet : '',
              })
            }
          >
            <PacketInput
              lot={String(values.fields['lot'] ?? '')}
              value={values.packet}
              onChange={(packet, seeds) =>
                set({ packet, fields: { ...values.fields, ...(seeds !== null && { seeds: String(seeds) }) } })
              }
            />
            <DayInput
              label={way.kind === 'sown' ? way.title : 'When'}
              hours
              error={errors['happened_at']}
              value={values.when}
              onChange={(when) => set({ when })}
            />
            {subject === 'planting' && (
              <TextInput
                label="Where"
                hint="Bed, row, glasshouse"
                error={errors['spot']}
                value={values.spot}
                onChange={(spot) => set({ spot })}
              />
            )}
          </FieldGrid>
        </OfCrop>
        {save.error !== null && asked === undefined && Object.keys(errors).length === 0 && (
          <Trouble>{save.error.message}</Trouble>
        )}
        <Waiting
          write={save}
          onHandOver={() => {
            save.handOver();
            void navigate(at(unbornPage(values.begun)));
          }}
        />
        {asked !== undefined && <Caution>{asked.message} Mend it above, or keep it if it was so.</Caution>}
        <Button type="submit" variant="contained" sx={{ mt: 2 }} disabled={save.isPending}>
          Keep: {way.title.toLowerCase()}
        </Button>
        {asked !== undefined && (
          <Button sx={{ mt: 2, ml: 1 }} disabled={save.isPending} onClick={() => keep(true)}>
            It was so all the same
          </Button>
        )}
      </Box>
    </Box>
  );
}
