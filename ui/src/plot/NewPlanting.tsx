import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { api, Refused, take, type Variety } from '../api/client';
import { then, useFrame, useVarieties, useWrite } from '../api/queries';
import { Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { useLook } from '../shell/look';
import { useDraft } from '../kit/draft';
import { Labelled, TextInput } from '../kit/fields';
import { NewVariety } from './NewVariety';

/** Something was sown: which variety, how much, where and when. */
export function NewPlanting() {
  const varieties = useVarieties();
  const frame = useFrame();
  const navigate = useNavigate();
  const { at } = useLook();
  const say = useSay();
  const [adding, setAdding] = useState(false);
  const draft = useDraft('planting', () => ({
    planting: v7(),
    variety: '',
    plants: '',
    spot: '',
    from: '',
    when: frame.data?.now ?? '',
  }));
  const { values, set } = draft;
  const chosen = varieties.data?.find(({ id }) => id === values.variety) ?? null;
  const save = useWrite(() =>
    take(
      api.POST('/plantings', {
        body: {
          id: draft.id,
          planting: values.planting,
          variety: values.variety,
          spot: values.spot,
          happened_at: values.when,
          payload: { plants: values.plants, sown_from: values.from },
        },
      }),
    ),
  );
  const errors = save.error instanceof Refused ? save.error.fields : {};
  return (
    <Box sx={{ maxWidth: 720 }}>
      <Typography variant="h1" sx={{ mb: 2 }}>
        New planting
      </Typography>
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
              onChange={(_, variety) => set({ variety: variety?.id ?? '' })}
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
        <NewVariety
          onAdded={(id) => {
            setAdding(false);
            set({ variety: id });
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
          void then(save.mutateAsync(undefined), (saved) => {
            draft.clear();
            say(`Kept. ${saved.said}`, saved.entry);
            void navigate(at(`/plot/${saved.code}`));
          });
        }}
      >
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <TextInput
            label="Plants"
            inputMode="numeric"
            error={errors['plants']}
            value={values.plants}
            onChange={(plants) => set({ plants })}
          />
          <TextInput
            label="Sown"
            type="datetime-local"
            error={errors['happened_at']}
            value={values.when}
            onChange={(when) => set({ when })}
          />
          <TextInput
            label="Where"
            hint="Bed, row, glasshouse"
            error={errors['spot']}
            value={values.spot}
            onChange={(spot) => set({ spot })}
          />
          <TextInput
            label="Seed from"
            hint="A lot code, a friend, a shop"
            error={errors['sown_from']}
            value={values.from}
            onChange={(from) => set({ from })}
          />
        </Box>
        {save.error !== null && Object.keys(errors).length === 0 && <Trouble>{save.error.message}</Trouble>}
        <Button type="submit" variant="contained" sx={{ mt: 2 }} disabled={save.isPending}>
          Keep: sown
        </Button>
      </Box>
    </Box>
  );
}
