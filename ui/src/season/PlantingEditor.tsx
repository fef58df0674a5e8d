import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { CropName, Plan, PlanContent, PlannedPlanting, Refused } from '../api/client';
import { useCrops, useForms, useVarieties } from '../api/queries';
import { changedOf, errorsAt, FieldGrid, type Values } from '../kit/FieldGrid';
import { Trouble } from '../kit/Section';
import { useDraft } from '../kit/draft';
import { Labelled, type Field } from '../kit/fields';
import { useRefusalInView } from '../kit/refusal';
import { useSpoken } from '../kit/spoken';
import { OfCrop } from '../record/ThingInput';
import { VarietyForm } from '../record/VarietyForm';

type Typed = { variety: string; fields: Values; spot: Values };

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
  const { day, shortDay, sowingDay } = useSpoken();
  const varieties = useVarieties();
  const crops = useCrops();
  const forms = useForms(['plan.planting', 'plan.spot']);
  const [adding, setAdding] = useState(false);
  const index = plan.content.plantings.findIndex((p) => p.id === id);
  const known = plan.content.plantings[index];
  const shown: Values = plan.typed.plantings[index] ?? {};
  const shownSpot: Values = plan.typed.spots[index] ?? {};
  const course = plan.plantings.find((p) => p.id === id);
  const draft = useDraft<Typed>(`plan:${plan.year}:${id}`, () => ({
    variety: known?.variety ?? '',
    fields: { ...(known === undefined && { sow: day(sowingDay(plan.year)), flowers: true }), ...shown },
    spot: shownSpot,
  }));
  const typed = draft.values;
  const variety = varieties.data?.find((v) => v.id === typed.variety) ?? null;
  const crop = crops.data?.find((c) => c.key === variety?.crop);
  const asked = forms['plan.planting'] ?? [];
  const purpose = String(typed.fields['purpose'] ?? usualOf(asked, 'purpose'));
  const at = `plantings.${index < 0 ? plan.content.plantings.length : index}`;
  const errors = errorsAt(at, refused?.fields ?? {});
  const spotErrors = {
    // What is wrong with the whole spot is said at where it begins.
    ...(errors['spot'] !== undefined && { x: errors['spot'] }),
    ...errorsAt('spot', errors),
  };
  const form = useRefusalInView(refused);
  const elsewhere = refused !== undefined && Object.keys(errors).length === 0;
  const keep = (plantings: PlannedPlanting[], what: string) =>
    onSave({ ...plan.content, plantings }, what, draft.clear);
  const name = variety?.name ?? 'a planting';
  const planting = () =>
    ({
      ...changedOf(asked, typed.fields, shown, known ?? {}),
      // What is grown to be eaten is not kept apart.
      ...(purpose === 'food' && { cover: 'open' }),
      id,
      crop: variety?.crop ?? '',
      variety: typed.variety,
      spot: changedOf(forms['plan.spot'] ?? [], typed.spot, shownSpot, known?.spot ?? {}),
    }) as unknown as PlannedPlanting;
  return (
    <Box
      component="form"
      ref={form}
      noValidate
      aria-label={known === undefined ? 'A new planting' : course?.variety}
      onSubmit={(event) => {
        event.preventDefault();
        keep(
          known === undefined
            ? [...plan.content.plantings, planting()]
            : plan.content.plantings.map((p) => (p.id === id ? planting() : p)),
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
            <Labelled label="Variety" error={errors['variety'] ?? errors['crop']} required>
              {({ id: input }) => (
                <Autocomplete
                  id={input}
                  options={varieties.data ?? []}
                  value={variety}
                  getOptionLabel={(option) => `${option.name}, ${option.crop_name.toLowerCase()}`}
                  getOptionKey={(option) => option.id}
                  onChange={(_, choice) => draft.set({ variety: choice?.id ?? '' })}
                  renderInput={(params) => <TextField {...params} error={errors['variety'] !== undefined} />}
                />
              )}
            </Labelled>
          </Box>
          <Button variant="text" onClick={() => setAdding(true)}>
            Another one
          </Button>
        </Box>
      )}
      <OfCrop value={crop?.key}>
        <FieldGrid
          least={165}
          fields={asked.filter(({ key }) => isAsked(key, purpose, crop))}
          values={typed.fields}
          errors={errors}
          onChange={(fields) => draft.set({ fields })}
        />
      </OfCrop>
      <Box component="h3" sx={{ typography: 'h3', mb: 0 }}>
        Where it stands
      </Box>
      <FieldGrid
        least={165}
        fields={forms['plan.spot'] ?? []}
        values={typed.spot}
        errors={spotErrors}
        onChange={(spot) => draft.set({ spot })}
      />
      {elsewhere && <Trouble>{refused.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" disabled={busy}>
          Keep
        </Button>
        {known !== undefined && (
          <Button
            disabled={busy}
            onClick={() =>
              keep(
                plan.content.plantings.filter((p) => p.id !== id),
                `Took ${name} out of the plan`,
              )
            }
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
          Cancel
        </Button>
      </Box>
    </Box>
  );
}

const usualOf = (fields: Field[], key: string) => fields.find((field) => field.key === key)?.usual ?? '';

const ofSeed = new Set(['cover', 'seeds_wanted', 'allowed', 'first_bloom', 'last_bloom', 'mixing']);

/** What is of no use for what it is grown for, nobody is asked. */
function isAsked(key: string, purpose: string, crop: CropName | undefined): boolean {
  if (key === 'crop' || key === 'variety') return false;
  if (key === 'lifted') return crop !== undefined && crop.life_cycle !== 'annual';
  if (key === 'flowers') return purpose === 'food';
  return purpose !== 'food' || !ofSeed.has(key);
}
