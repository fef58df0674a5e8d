import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useState } from 'react';
import { useHolders } from '../api/queries';
import { ContainerForm } from './ContainerForm';
import { Labelled, type FieldInputProps } from '../kit/fields';

const ANOTHER = '\u0000another';

/** Chooses the vessel that seed stands in on the bench, those that are for nothing else first, or adds one. */
export function VesselInput({ field, value, error, onChange }: FieldInputProps) {
  const holders = useHolders();
  const [adding, setAdding] = useState(false);
  if (adding) {
    return (
      <ContainerForm
        onSaved={({ entry }) => {
          setAdding(false);
          onChange(entry);
        }}
        onCancel={() => setAdding(false)}
      />
    );
  }
  const vessels = (holders.data ?? [])
    .filter(({ subject }) => subject === 'container')
    .toSorted((a, b) => Number(b.vessel) - Number(a.vessel));
  return (
    <Labelled label={field.label} hint={field.hint} error={error}>
      {({ id, describedBy }) => (
        <Select
          fullWidth
          displayEmpty
          id={`${id}-select`}
          error={error !== undefined}
          value={String(value)}
          renderValue={(chosen) => vessels.find(({ id }) => id === chosen)?.name ?? 'Choose a vessel'}
          onChange={(event) =>
            event.target.value === ANOTHER ? setAdding(true) : onChange(event.target.value)
          }
          inputProps={{ id, 'aria-describedby': describedBy }}
          SelectDisplayProps={{ 'aria-label': field.label }}
        >
          <MenuItem value="">nobody says</MenuItem>
          {vessels.map(({ id, name, said, lots }) => (
            <MenuItem key={id} value={id}>
              {`${name} (${said}${lots === 0 ? '' : ', something in it'})`}
            </MenuItem>
          ))}
          <MenuItem value={ANOTHER}>Add a vessel …</MenuItem>
        </Select>
      )}
    </Labelled>
  );
}
