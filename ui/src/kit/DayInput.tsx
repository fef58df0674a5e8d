import Button from '@mui/material/Button';
import InputAdornment from '@mui/material/InputAdornment';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useRef } from 'react';
import { Labelled } from './fields';
import { useSpoken } from './spoken';

/**
 * A day, or a day and an hour, typed as people write it: the server reads it, and says when it cannot. The browser's
 * own field would show it in the form of the browser, not in the keeper's; only its calendar is borrowed.
 */
export function DayInput({
  value,
  onChange,
  hours = false,
  ...labelled
}: {
  label: string;
  error?: string;
  hint?: string;
  required?: boolean;
  value: string;
  onChange: (value: string) => void;
  hours?: boolean;
}) {
  const { day, moment } = useSpoken();
  const calendar = useRef<HTMLInputElement>(null);
  return (
    <Labelled {...labelled}>
      {({ id, describedBy }) => (
        <OutlinedInput
          fullWidth
          id={id}
          error={labelled.error !== undefined}
          value={value}
          onChange={(event) => onChange(event.target.value)}
          inputProps={{ 'aria-describedby': describedBy }}
          endAdornment={
            <InputAdornment position="end">
              <Button
                variant="text"
                sx={{ minWidth: 0, px: 0.25, mr: -0.75 }}
                aria-label={`${labelled.label}: choose in a calendar`}
                onClick={() => calendar.current?.showPicker()}
              >
                <CalendarSign />
              </Button>
              <input
                ref={calendar}
                type={hours ? 'datetime-local' : 'date'}
                tabIndex={-1}
                aria-hidden="true"
                style={{
                  position: 'absolute',
                  right: 0,
                  bottom: 0,
                  width: 0,
                  height: 0,
                  border: 0,
                  padding: 0,
                  opacity: 0,
                }}
                onChange={(event) =>
                  event.target.value !== '' &&
                  onChange(hours ? moment(event.target.value) : day(event.target.value))
                }
              />
            </InputAdornment>
          }
        />
      )}
    </Labelled>
  );
}

const CalendarSign = () => (
  <svg
    width="22"
    height="22"
    viewBox="0 0 22 22"
    aria-hidden="true"
    fill="none"
    stroke="currentColor"
    strokeWidth="2"
  >
    <rect x="2" y="4" width="18" height="16" />
    <path d="M2 9h18M7 1v5M15 1v5" />
  </svg>
);
