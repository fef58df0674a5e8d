import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { createContext, useContext } from 'react';
import type { Chosen } from '../api/client';
import { useUnborn } from '../api/pending';
import { useChoices } from '../api/queries';
import { Labelled, type Field, type FieldInputProps } from '../kit/fields';

/** The crop whose lots can be chosen in the form around it. */
export const OfCrop = createContext<string | undefined>(undefined);

type Props = Omit<FieldInputProps, 'field'> & { field: Pick<Field, 'label' | 'hint'> };

type Option = Pick<Chosen, 'id' | 'said'>;

/** Chooses one of the garden's own lots. */
export const LotInput = (props: Props) => <ThingInput of="lots" {...props} />;

/** Chooses one of the garden's own plantings. */
export const PlantingInput = (props: Props) => <ThingInput of="plantings" {...props} />;

function ThingInput({ of, field, value, error, onChange }: Props & { of: 'lots' | 'plantings' }) {
  const things = useChoices(of, useContext(OfCrop));
  const waiting = useUnborn().filter(({ subject }) => subject === (of === 'lots' ? 'lot' : 'planting'));
  const options: Option[] = [
    ...waiting.map(({ id, title }) => ({ id, said: `${title}, not sent yet` })),
    ...(things.data ?? []),
  ];
  return (
    <Labelled label={field.label} error={error} hint={field.hint === '' ? undefined : field.hint}>
      {({ id, describedBy }) => (
        <Autocomplete
          id={id}
          options={options}
          // What is typed before there is anything to choose from would be written over when there is.
          disabled={things.data === undefined}
          value={options.find((thing) => thing.id === value) ?? null}
          getOptionLabel={(thing: Option) => thing.said}
          getOptionKey={(thing) => thing.id}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          onChange={(_, thing) => onChange(thing?.id ?? '')}
          noOptionsText="None of this crop"
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
