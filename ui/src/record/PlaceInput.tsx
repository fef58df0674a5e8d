import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useState } from 'react';
import { v7 } from 'uuid';
import { api, Refused, take } from '../api/client';
import { afterwards, useStorePlaces, useWrite } from '../api/queries';
import { Labelled, TextInput, type FieldInputProps } from '../kit/fields';

const ANOTHER = '\u0000another';

/** Chooses the place where seed is kept, or adds one with its ordinary temperature and humidity. */
export function PlaceInput({ field, value, error, onChange }: FieldInputProps) {
  const places = useStorePlaces();
  const [adding, setAdding] = useState(false);
  if (adding) {
    return (
      <NewPlace
        onAdded={(id) => {
          setAdding(false);
          onChange(id);
        }}
        onCancel={() => setAdding(false)}
      />
    );
  }
  return (
    <Labelled label={field.label} error={error}>
      {({ id, describedBy }) => (
        <Select
          fullWidth
          displayEmpty
          id={`${id}-select`}
          error={error !== undefined}
          value={String(value)}
          renderValue={(chosen) => places.data?.find(({ id }) => id === chosen)?.name ?? 'Choose a place'}
          onChange={(event) =>
            event.target.value === ANOTHER ? setAdding(true) : onChange(event.target.value)
          }
          inputProps={{ id, 'aria-describedby': describedBy }}
          SelectDisplayProps={{ 'aria-label': field.label }}
        >
          {(places.data ?? []).map((place) => (
            <MenuItem key={place.id} value={place.id}>
              {place.name}, {place.said}
            </MenuItem>
          ))}
          <MenuItem value={ANOTHER}>Add another place …</MenuItem>
        </Select>
      )}
    </Labelled>
  );
}

function NewPlace({ onAdded, onCancel }: { onAdded: (id: string) => void; onCancel: () => void }) {
  const [id] = useState(() => v7());
  const [typed, setTyped] = useState({ name: '', temperature: '', rh: '' });
  const add = useWrite(() =>
    take(
      api.POST('/store-places', {
        // Sent as typed: the server reads the numbers, and says what is wrong with them.
        body: {
          id,
          name: typed.name,
          temperature: typed.temperature as never,
          rh: typed.rh as never,
        },
      }),
    ),
  );
  const errors = add.error instanceof Refused ? add.error.fields : {};
  return (
    <Box
      sx={(t) => ({
        gridColumn: '1 / -1',
        border: `2px solid ${t.vars?.palette.quiet}`,
        p: 1.5,
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { md: '2fr 1fr 1fr' },
      })}
    >
      <TextInput
        label="New place"
        error={errors['name']}
        value={typed.name}
        onChange={(name) => setTyped({ ...typed, name })}
      />
      <TextInput
        label="Temperature"
        error={errors['temperature']}
        value={typed.temperature}
        onChange={(temperature) => setTyped({ ...typed, temperature })}
        unit="°C"
        inputMode="decimal"
      />
      <TextInput
        label="Humidity"
        error={errors['rh']}
        value={typed.rh}
        onChange={(rh) => setTyped({ ...typed, rh })}
        unit="% RH"
        inputMode="decimal"
      />
      <Box sx={{ display: 'flex', gap: 1, gridColumn: '1 / -1' }}>
        <Button onClick={() => void afterwards(add.mutateAsync(undefined), () => onAdded(id))}>
          Add this place
        </Button>
        <Button variant="text" onClick={onCancel}>
          Leave it
        </Button>
      </Box>
    </Box>
  );
}
