import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useState } from 'react';
import { useHolders } from '../api/queries';
import { ContainerForm } from './ContainerForm';
import { Labelled, type FieldInputProps } from '../kit/fields';
import { PlaceForm } from './PlaceForm';

const ANOTHER = '\u0000another';
const ANOTHER_BOX = '\u0000box';

/** Chooses the place where seed is kept, or the container that it is put into, or adds one. */
export function PlaceInput({ field, value, error, onChange }: FieldInputProps) {
  const holders = useHolders();
  const [adding, setAdding] = useState<'place' | 'container' | null>(null);
  if (adding !== null) {
    const Form = adding === 'place' ? PlaceForm : ContainerForm;
    return (
      <Form
        onSaved={({ entry }) => {
          setAdding(null);
          onChange(entry);
        }}
        onCancel={() => setAdding(null)}
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
          renderValue={(chosen) => holders.data?.find(({ id }) => id === chosen)?.path ?? 'Choose a place'}
          onChange={(event) =>
            event.target.value === ANOTHER
              ? setAdding('place')
              : event.target.value === ANOTHER_BOX
                ? setAdding('container')
                : onChange(event.target.value)
          }
          inputProps={{ id, 'aria-describedby': describedBy }}
          SelectDisplayProps={{ 'aria-label': field.label }}
        >
          {(holders.data ?? [])
            .filter(({ vessel }) => !vessel)
            .map((holder) => (
              <MenuItem key={holder.id} value={holder.id} sx={{ pl: holder.subject === 'place' ? 2 : 4 }}>
                {holder.subject === 'place'
                  ? `${holder.name}, ${holder.said}`
                  : `${holder.path} (${holder.said})`}
              </MenuItem>
            ))}
          <MenuItem value={ANOTHER}>Add another place …</MenuItem>
          <MenuItem value={ANOTHER_BOX}>Add a container …</MenuItem>
        </Select>
      )}
    </Labelled>
  );
}
