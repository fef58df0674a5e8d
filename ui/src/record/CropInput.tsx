import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import type { CropName } from '../api/client';
import { useCrops } from '../api/queries';
import { findCrops } from './handbook';
import { Labelled, type FieldInputProps } from '../kit/fields';

/** Chooses a crop of the handbook by any of its names. */
export function CropInput({ field, value, error, onChange }: FieldInputProps) {
  const crops = useCrops();
  return (
    <Labelled label={field.label} error={error}>
      {({ id }) => (
        <Autocomplete
          id={id}
          options={crops.data ?? []}
          disabled={crops.data === undefined}
          value={crops.data?.find(({ key }) => key === value) ?? null}
          getOptionLabel={(option: CropName) => option.name}
          filterOptions={(options, { inputValue }) => findCrops(options, inputValue)}
          getOptionKey={(option) => option.key}
          onChange={(_, choice) => onChange(choice?.key ?? '')}
          renderOption={({ key, ...props }, option) => (
            <li key={key} {...props}>
              <span>
                <b>{option.name}</b>, <em lang="la">{option.latin}</em>
              </span>
            </li>
          )}
          renderInput={(params) => (
            <TextField {...params} placeholder="Tomato, leek …" error={error !== undefined} />
          )}
        />
      )}
    </Labelled>
  );
}
