import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useRef, type Ref } from 'react';
import { Labelled } from '../kit/fields';
import type { Completed } from './complete';

/** A text that is completed while it is typed: Tab goes on with what is marked, Enter ends the line. */
export function Completing({
  label,
  hint,
  value,
  complete,
  onChange,
  onEnter,
  inputRef,
}: {
  label: string;
  hint?: string;
  value: string;
  complete: (typed: string) => Completed;
  onChange: (value: string) => void;
  onEnter: (value: string) => void;
  inputRef?: Ref<HTMLInputElement>;
}) {
  const { options, sure } = complete(value);
  const marked = useRef<{ option: string; by: string } | null>(null);
  return (
    <Labelled label={label}>
      {({ id }) => (
        <Autocomplete
          id={id}
          freeSolo
          disableClearable
          forcePopupIcon={false}
          autoHighlight={sure}
          autoSelect={sure}
          options={options}
          filterOptions={(all) => all}
          value={''}
          inputValue={value}
          onInputChange={(_, text, reason) => {
            // What stands there is ours to say; it is not emptied because nothing was chosen.
            if (reason !== 'reset' || text !== '') onChange(text);
          }}
          onHighlightChange={(_, option, reason) => {
            marked.current = option === null ? null : { option, by: reason };
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            const chosen = marked.current;
            if (chosen?.by === 'keyboard') return;
            (event as { defaultMuiPrevented?: boolean }).defaultMuiPrevented = true;
            event.preventDefault();
            onEnter(sure && chosen !== null ? chosen.option : value);
          }}
          renderInput={(params) => <TextField {...params} inputRef={inputRef} placeholder={hint} />}
        />
      )}
    </Labelled>
  );
}
