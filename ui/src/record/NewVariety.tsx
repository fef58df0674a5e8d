import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { v7 } from 'uuid';
import { api, Refused, take, type CropName, type Variety } from '../api/client';
import { afterwards, useCrops, useWrite } from '../api/queries';
import { Caution, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { findCrops } from '../books/handbook';
import { ChoiceInput, Labelled, TextInput } from '../kit/fields';

const types: [Variety['type'], string][] = [
  ['open_pollinated', 'open-pollinated: comes true'],
  ['hybrid', 'a hybrid (F1)'],
  ['stabilising', 'being made stable (F2, F3 …)'],
  ['landrace', 'mixed on purpose'],
  ['unknown', 'not known'],
];

const advice: Partial<Record<Variety['type'], string>> = {
  hybrid:
    'Seed of a hybrid does not come true. It can be grown out and selected for five generations or more until it is stable. Ask too whether the variety is protected where you live.',
  unknown:
    'Until it is known, treat it as a hybrid: keep some of the seed you have, and see what a few plants turn into.',
};

/** A variety: its crop decides what can cross with it and how its seed is handled. */
export function NewVariety({ onAdded, onCancel }: { onAdded: (id: string) => void; onCancel: () => void }) {
  const crops = useCrops();
  const say = useSay();
  const [id] = useState(() => v7());
  const [typed, setTyped] = useState<{
    crop: string;
    name: string;
    type: Variety['type'];
    generation: string;
  }>({
    crop: '',
    name: '',
    type: 'open_pollinated',
    generation: '',
  });
  const add = useWrite(() => take(api.POST('/varieties', { body: { id, ...typed } })));
  const errors = add.error instanceof Refused ? add.error.fields : {};
  const crop = crops.data?.find(({ key }) => key === typed.crop) ?? null;
  return (
    <Box
      sx={(t) => ({
        border: `2px solid ${t.vars?.palette.rule}`,
        bgcolor: t.vars?.palette.background.paper,
        p: 2,
        my: 2,
      })}
    >
      <Box component="h2" sx={{ typography: 'h2', mt: 0 }}>
        A new variety
      </Box>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <Labelled label="Crop" error={errors['crop']}>
          {({ id: input }) => (
            <Autocomplete
              id={input}
              options={crops.data ?? []}
              value={crop}
              getOptionLabel={(option: CropName) => option.name}
              filterOptions={(options, { inputValue }) => findCrops(options, inputValue)}
              getOptionKey={(option) => option.key}
              onChange={(_, choice) => setTyped({ ...typed, crop: choice?.key ?? '' })}
              renderOption={({ key, ...props }, option) => (
                <li key={key} {...props}>
                  <span>
                    <b>{option.name}</b>, <em lang="la">{option.latin}</em>
                  </span>
                </li>
              )}
              renderInput={(params) => (
                <TextField {...params} placeholder="Tomato, leek …" error={errors['crop'] !== undefined} />
              )}
            />
          )}
        </Labelled>
        <TextInput
          label="Name of the variety"
          error={errors['name']}
          value={typed.name}
          onChange={(name) => setTyped({ ...typed, name })}
        />
        <ChoiceInput
          label="What it is"
          options={types.map(([key, label]) => ({ key, label }))}
          value={typed.type}
          error={errors['type']}
          onChange={(value) => setTyped({ ...typed, type: value as Variety['type'] })}
        />
        <TextInput
          label="Generation"
          hint="F4, for one being made stable"
          error={errors['generation']}
          value={typed.generation}
          onChange={(generation) => setTyped({ ...typed, generation })}
        />
      </Box>
      {crop !== null && (
        <p style={{ maxWidth: '46em' }}>
          <em lang="la">{crop.latin}</em>, {crop.life_cycle}: {crop.breeding}.
        </p>
      )}
      {advice[typed.type] !== undefined && <Caution>{advice[typed.type]}</Caution>}
      {add.error !== null && Object.keys(errors).length === 0 && <Trouble>{add.error.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
        <Button
          variant="contained"
          disabled={add.isPending}
          onClick={() =>
            void afterwards(add.mutateAsync(undefined), (saved) => {
              say(saved.said);
              onAdded(saved.entry);
            })
          }
        >
          Add this variety
        </Button>
        <Button variant="text" onClick={onCancel}>
          Leave it
        </Button>
      </Box>
    </Box>
  );
}
