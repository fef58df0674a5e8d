import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useState } from 'react';
import { useStorePlaces } from '../api/queries';
import { Labelled, type FieldInputProps } from '../kit/fields';
import { PlaceForm } from './PlaceForm';

const ANOTHER = '\u0000another';

/** Chooses the place where seed is kept, or adds one with its ordinary temperature and humidity. */
export function PlaceInput({ field, value, error, onChange }: FieldInputProps) {
  const places = useStorePlaces();
  const [adding, setAdding] = useState(false);
  if (adding) {
    return (
      <PlaceForm
        onSaved={({ entry }) => {
          setAdding(false);
          onChange(entry);
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
              {place.said}
            </MenuItem>
          ))}
          <MenuItem value={ANOTHER}>Add another place …</MenuItem>
        </Select>
      )}
    </Labelled>
  );
}
