import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useEffect, useRef, useState } from 'react';
import type { Plan, PlanContent, PlannedPlanting, Refused } from '../api/client';
import { useCrops, useVarieties } from '../api/queries';
import { Trouble } from '../kit/Section';
import { LotInput, OfCrop } from '../record/ThingInput';
import { DayInput } from '../kit/DayInput';
import { useDraft } from '../kit/draft';
import { ChoiceInput, Labelled, TextInput } from '../kit/fields';
import { day, shortDay } from '../kit/words';
import { VarietyForm } from '../record/VarietyForm';

type Typed = Record<
  | 'x'
  | 'y'
  | 'width'
  | 'depth'
  | 'plants'
  | 'sow'
  | 'plant_out'
  | 'first_bloom'
  | 'last_bloom'
  | 'allowed'
  | 'seeds_wanted'
  | 'lot'
  | 'planting',
  string
> &
  Pick<PlannedPlanting, 'variety' | 'purpose' | 'cover' | 'flowers' | 'mixing' | 'lifted' | 'out'>;

const purposes: [PlannedPlanting['purpose'], string][] = [
  ['seed', 'for seed'],
  ['both', 'for seed and food'],
  ['food', 'for food'],
];

const covers: [PlannedPlanting['cover'], string][] = [
  ['open', 'by nothing but distance'],
  ['bagged', 'flowers bagged, pollinated by hand'],
  ['alternate', 'caged, opened in turn'],
  ['caged', 'caged all through bloom'],
];

/** One planting of the plan. What is refused stays as it was typed, with the reason at its field. */
export function PlantingEditor({
  plan,
  id,
  refused,
  busy,
  onSave,
  onClose,
}: {
  plan: Plan;
  id: string;
  refused: Refused | undefined;
  busy: boolean;
  onSave: (content: PlanContent, said: string, kept: () => void) => void;
  onClose: () => void;
}) {
  const varieties = useVarieties();
  const crops = useCrops();
  const [adding, setAdding] = useState(false);
  const index = plan.content.plantings.findIndex((p) => p.id === id);
  const known = plan.content.plantings[index];
  const course = plan.plantings.find((p) => p.id === id);
  const draft = useDraft<Typed>(`plan:${plan.year}:${id}`, () => typedOf(known, plan.year));
  const typed = draft.values;
  const variety = varieties.data?.find((v) => v.id === typed.variety) ?? null;
  const crop = crops.data?.find((c) => c.key === variety?.crop);
  const at = `plantings.${index < 0 ? plan.content.plantings.length : index}`;
  const error = (field: string) => refused?.fields[`${at}.${field}`];
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (refused !== undefined) form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [refused]);
  const said = Object.keys(refused?.fields ?? {});
  const elsewhere = refused !== undefined && !said.some((path) => path.startsWith(`${at}.`));
  const text = (
    field: keyof Typed,
    label: string,
    more: { unit?: string; hint?: string; at?: string } = {},
  ) => (
    <TextInput
      label={label}
      error={error(more.at ?? field)}
      unit={more.unit}
      hint={more.hint}
      inputMode="decimal"
      value={String(typed[field])}
      onChange={(value) => draft.set({ [field]: value } as Partial<Typed>)}
    />
  );
  const date = (field: keyof Typed, label: string, hint?: string) => (
    <DayInput
      label={label}
      hint={hint}
      error={error(field)}
      value={String(typed[field])}
      onChange={(value) => draft.set({ [field]: value } as Partial<Typed>)}
    />
  );
  const flag = (field: 'flowers' | 'mixing' | 'lifted' | 'out', label: string) => (
    <FormControlLabel
      control={
        <Checkbox checked={typed[field]} onChange={(_, on) => draft.set({ [field]: on } as Partial<Typed>)} />
      }
      label={label}
    />
  );
  const keep = (plantings: PlannedPlanting[], what: string) =>
    onSave({ ...plan.content, plantings }, what, draft.clear);
  const name = variety?.name ?? 'a planting';
  return (
    <Box
      component="form"
      ref={form}
      noValidate
      aria-label={known === undefined ? 'A new planting' : course?.variety}
      onSubmit={(event) => {
        event.preventDefault();
        const planting = plantingOf(typed, id, variety?.crop ?? '');
        keep(
          known === undefined
            ? [...plan.content.plantings, planting]
            : plan.content.plantings.map((p) => (p.id === id ? planting : p)),
          `${known === undefined ? 'Added' : 'Changed'} ${name}`,
        );
      }}
    >
      <Box component="h2" sx={{ typography: 'h2', mt: 0 }}>
        {known === undefined ? 'A new planting' : course?.variety}
      </Box>
      {course !== undefined && (
        <Box component="p" sx={{ mt: 0, mb: 1 }}>
          {course.bloom_first !== null && course.bloom_last !== null && (
            <>
              Blooms <b>{shortDay(course.bloom_first)}</b> to <b>{shortDay(course.bloom_last)}</b>.{' '}
            </>
          )}
          {course.ripe_from !== null && course.ripe_to !== null && (
            <>
              Seed ripens <b>{shortDay(course.ripe_from)}</b> to <b>{shortDay(course.ripe_to)}</b>.{' '}
            </>
          )}
          The bed is free again <b>{day(course.free)}</b>.
        </Box>
      )}
      {course !== undefined && course.enough !== null && (
        <Box component="p" sx={{ mt: 0 }}>
          {course.enough}
        </Box>
      )}
      {adding ? (
        <VarietyForm
          onSaved={({ entry }) => {
            draft.set({ variety: entry });
            setAdding(false);
          }}
          onCancel={() => setAdding(false)}
        />
      ) : (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'end', mb: 2 }}>
          <Box sx={{ flex: 1 }}>
            <Labelled label="Variety" error={error('variety') ?? error('crop')} required>
              {({ id: input }) => (
                <Autocomplete
                  id={input}
                  options={varieties.data ?? []}
                  value={variety}
                  getOptionLabel={(option) => `${option.name}, ${option.crop_name.toLowerCase()}`}
                  getOptionKey={(option) => option.id}
                  onChange={(_, choice) => draft.set({ variety: choice?.id ?? '' })}
                  renderInput={(params) => <TextField {...params} error={error('variety') !== undefined} />}
                />
              )}
            </Labelled>
          </Box>
          <Button variant="text" onClick={() => setAdding(true)}>
            Another one
          </Button>
        </Box>
      )}
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr', alignItems: 'start' }}>
        <ChoiceInput
          label="Grown"
          options={purposes.map(([key, label]) => ({ key, label }))}
          value={typed.purpose}
          onChange={(value) => draft.set({ purpose: value as Typed['purpose'] })}
        />
        {text('plants', 'Plants')}
        {date('sow', 'Sown')}
        {date('plant_out', 'Planted out', 'empty if sown where it stands')}
        {text('x', 'From the left', { unit: 'm', at: 'spot' })}
        {text('y', 'From the top', { unit: 'm', at: 'spot.y' })}
        {text('width', 'Wide', { unit: 'm', at: 'spot.width', hint: 'empty: what the plants need' })}
        {text('depth', 'Deep', { unit: 'm', at: 'spot.depth', hint: 'one spacing for a single row' })}
        <OfCrop value={crop?.key}>
          <LotInput
            field={{ label: 'Seed from lot', hint: '' }}
            value={typed.lot}
            error={error('lot')}
            onChange={(lot) => draft.set({ lot: String(lot) })}
          />
        </OfCrop>
        {typed.purpose !== 'food' && (
          <>
            <ChoiceInput
              label="Kept apart"
              options={covers.map(([key, label]) => ({ key, label }))}
              value={typed.cover}
              onChange={(value) => draft.set({ cover: value as Typed['cover'] })}
            />
            {text('seeds_wanted', 'Seeds wanted')}
            {text('allowed', 'Crossed seed put up with', {
              unit: '%',
              hint: `${plan.content.isolation.allowed * 100} % if left empty`,
            })}
            <span />
            {date('first_bloom', 'First bloom, as seen')}
            {date('last_bloom', 'Last bloom, as seen')}
          </>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexDirection: 'column', my: 1 }}>
        {typed.purpose === 'food' && flag('flowers', 'it will or may flower')}
        {typed.purpose !== 'food' && flag('mixing', 'mixed on purpose: crossing is welcome')}
        {crop?.life_cycle !== 'annual' &&
          crop !== undefined &&
          flag('lifted', 'lifted for the winter and replanted')}
        {flag('out', 'left out this year')}
      </Box>
      {elsewhere && <Trouble>{refused.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" disabled={busy}>
          Keep
        </Button>
        {known !== undefined && (
          <Button
            disabled={busy}
            onClick={() => {
              keep(
                plan.content.plantings.filter((p) => p.id !== id),
                `Took ${name} out of the plan`,
              );
            }}
          >
            Take it out of the plan
          </Button>
        )}
        <Button
          variant="text"
          onClick={() => {
            draft.clear();
            onClose();
          }}
        >
          Leave it
        </Button>
      </Box>
    </Box>
  );
}

function typedOf(known: PlannedPlanting | undefined, year: number): Typed {
  const shown = (figure: number | null | undefined) =>
    figure === null || figure === undefined ? '' : String(figure);
  const said = (at: string | null | undefined) => (at === null || at === undefined ? '' : day(at));
  return {
    variety: known?.variety ?? '',
    purpose: known?.purpose ?? 'seed',
    cover: known?.cover ?? 'open',
    flowers: known?.flowers ?? true,
    mixing: known?.mixing ?? false,
    lifted: known?.lifted ?? false,
    out: known?.out ?? false,
    x: shown(known?.spot.x ?? 0.5),
    y: shown(known?.spot.y ?? 0.5),
    width: shown(known?.spot.width),
    depth: shown(known?.spot.depth),
    plants: shown(known?.plants),
    sow: day(known?.sow ?? `${year}-04-15`),
    plant_out: said(known?.plant_out),
    first_bloom: said(known?.first_bloom),
    last_bloom: said(known?.last_bloom),
    allowed: known?.allowed === null || known?.allowed === undefined ? '' : String(known.allowed * 100),
    seeds_wanted: shown(known?.seeds_wanted),
    lot: known?.lot ?? '',
    planting: known?.planting ?? '',
  };
}

/** What was typed, as the server reads it: figures go as they were typed, so that it can say what is wrong with them. */
function plantingOf(typed: Typed, id: string, crop: string): PlannedPlanting {
  const figure = (text: string) => text.trim() as unknown as number;
  const orNone = (text: string) => (text.trim() === '' ? null : text.trim());
  const percent = Number(typed.allowed.replace(',', '.'));
  return {
    id,
    crop,
    variety: typed.variety,
    spot: { x: figure(typed.x), y: figure(typed.y), width: figure(typed.width), depth: figure(typed.depth) },
    plants: figure(typed.plants),
    purpose: typed.purpose,
    sow: typed.sow,
    plant_out: orNone(typed.plant_out),
    first_bloom: orNone(typed.first_bloom),
    last_bloom: orNone(typed.last_bloom),
    cover: typed.purpose === 'food' ? 'open' : typed.cover,
    flowers: typed.flowers,
    mixing: typed.mixing,
    lifted: typed.lifted,
    out: typed.out,
    allowed:
      typed.allowed.trim() === '' ? null : Number.isNaN(percent) ? figure(typed.allowed) : percent / 100,
    seeds_wanted: typed.seeds_wanted.trim() === '' ? null : figure(typed.seeds_wanted),
    lot: orNone(typed.lot),
    planting: orNone(typed.planting),
  };
}
