import OutlinedInput from '@mui/material/OutlinedInput';
import { Labelled } from '../kit/fields';

/** A password: what is chosen can be shown while it is typed, since a slip in it locks one out. */
export function PasswordInput({
  label,
  value,
  onChange,
  isNew = false,
  error,
  hint,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  isNew?: boolean;
  error?: string;
  hint?: string;
}) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      {({ id, describedBy }) => (
        <OutlinedInput
          fullWidth
          id={id}
          // Chosen once, and typed where nobody stands by: it is seen.
          type={isNew ? 'text' : 'password'}
          autoComplete={isNew ? 'new-password' : 'current-password'}
          error={error !== undefined}
          value={value}
          onChange={(event) => onChange(event.target.value)}
          inputProps={{
            'aria-describedby': describedBy,
            maxLength: 200,
            autoCapitalize: 'off',
            spellCheck: false,
          }}
        />
      )}
    </Labelled>
  );
}

export const NEW_HINT =
  'Ten letters or more; four words one after another are easy to keep in mind. It is shown as you type';
