import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { createContext, useContext } from 'react';
import type { ChosenLot } from '../api/client';
import { useLotsToChoose } from '../api/queries';
import { Labelled, type Field, type FieldInputProps } from '../kit/fields';

/** The crop whose lots can be chosen in the form around it. */
export const OfCrop = createContext<string | undefined>(undefined);

/** Chooses one of the garden's own lots. */
export function LotInput({
  field,
  value,
  error,
  onChange,
}: Omit<FieldInputProps, 'field'> & { field: Pick<Field, 'label' | 'hint'> }) {
  const lots = useLotsToChoose(useContext(OfCrop));
  const options = lots.data ?? [];
  return (
    <Labelled label={field.label} error={error} hint={field.hint === '' ? undefined : field.hint}>
      {({ id, describedBy }) => (
        <Autocomplete
          id={id}
          options={options}
          value={options.find((lot) => lot.id === value) ?? null}
          getOptionLabel={(lot: ChosenLot) => lot.said}
          getOptionKey={(lot) => lot.id}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          onChange={(_, lot) => onChange(lot?.id ?? '')}
          noOptionsText="No lot of this crop"
          renderInput={(params) => (
            <TextField
              {...params}
              error={error !== undefined}
              placeholder="None of mine"
              aria-describedby={describedBy}
            />
          )}
        />
      )}
    </Labelled>
  );
}
