import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useCrops } from '../../api/queries';
import type { ReckoningInput as Input } from '../../api/client';
import { DayInput } from '../../kit/DayInput';
import { Labelled, TextInput } from '../../kit/fields';

const hints: Partial<Record<Input['type'], string>> = {
  numbers: 'with commas between them',
  integers: 'with commas between them',
  rows: 'commas within a row, a semicolon between rows',
  segments: 'days:moisture:temperature, commas between stores',
};

/** One input of a reckoner, by its definition. */
export function ReckonerInput({
  input,
  needed,
  value,
  error,
  onChange,
}: {
  input: Input;
  needed: boolean;
  value: string;
  error?: string;
  onChange: (value: string) => void;
}) {
  const label = capital(input.label);
  if (input.type === 'crop') return <CropInput {...{ label, needed, value, error, onChange }} />;
  if (input.type === 'choice')
    return (
      <Labelled label={label} error={error}>
        {({ id }) => (
          <Select
            fullWidth
            value={value === '' ? (input.default ?? '') : value}
            onChange={(event) => onChange(event.target.value === input.default ? '' : event.target.value)}
            inputProps={{ id }}
            SelectDisplayProps={{ 'aria-label': label }}
          >
            {input.options.map((option) => (
              <MenuItem key={option.key} value={option.key}>
                {option.label}
              </MenuItem>
            ))}
          </Select>
        )}
      </Labelled>
    );
  if (input.type === 'date')
    return (
      <DayInput
        label={label}
        required={needed}
        error={error}
        hint={hints[input.type] ?? optional(input)}
        value={value}
        onChange={onChange}
      />
    );
  return (
    <TextInput
      label={label}
      required={needed}
      error={error}
      hint={hints[input.type] ?? optional(input)}
      value={value}
      unit={input.unit === '' ? undefined : input.type === 'share' ? '%' : input.unit}
      inputMode={input.type === 'text' ? undefined : input.type === 'integer' ? 'numeric' : 'decimal'}
      onChange={onChange}
    />
  );
}

function CropInput({
  label,
  needed,
  value,
  error,
  onChange,
}: {
  label: string;
  needed: boolean;
  value: string;
  error?: string;
  onChange: (value: string) => void;
}) {
  const crops = useCrops();
  return (
    <Labelled label={label} error={error} required={needed}>
      {({ id }) => (
        <Select
          fullWidth
          displayEmpty
          value={crops.data === undefined ? '' : value}
          onChange={(event) => onChange(event.target.value)}
          inputProps={{ id }}
          SelectDisplayProps={{ 'aria-label': label }}
        >
          <MenuItem value="">{needed ? 'none chosen' : 'the same crop'}</MenuItem>
          {(crops.data ?? []).map((crop) => (
            <MenuItem key={crop.key} value={crop.key}>
              {crop.name}
            </MenuItem>
          ))}
        </Select>
      )}
    </Labelled>
  );
}

export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

function optional(input: Input): string | undefined {
  if (input.required || input.default === null) return undefined;
  return `${input.type === 'share' ? `${Number((Number(input.default) * 100).toPrecision(12))} %` : input.default} if left out`;
}
