import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { memo, useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import { useFind } from '../api/queries';
import type { components } from '../api/generated';
import { useLook } from '../api/look';
import { pageOfCode } from '../record/things';
import { Tag } from './Tag';

type Found = components['schemas']['FoundDocument'];

/** Where each kind of thing that can be found is looked at. */
const address: Record<Found['kind'], (found: Found) => string> = {
  thing: ({ key }) => pageOfCode(key),
  place: ({ key }) => `/store/where/${key}`,
  person: ({ key }) => `/books/people?whom=${encodeURIComponent(key)}`,
  crop: ({ key }) => `/books/handbook/${key}`,
  reckoner: ({ key }) => `/books/reckoners/${key}`,
  which: ({ key }) => `/books/which/${key}`,
  setting: ({ key }) => `/books/settings#${key}`,
  word: ({ key }) => `/books/words#${encodeURIComponent(key)}`,
  way: ({ key }) => key,
};

const headings: Record<Found['kind'], string> = {
  thing: 'Seed and plantings',
  place: 'Places and containers',
  person: 'People',
  crop: 'Handbook',
  reckoner: 'Reckoners',
  which: 'Which one is it?',
  setting: 'Settings',
  word: 'Words',
  way: 'What to do',
};

/** Finds anything by what is known of it, from any page. Drawn for itself alone: it measures how wide it is whenever it is
 * drawn, for which the browser lays out the whole page. */
export const Find = memo(function Find() {
  const [text, setText] = useState('');
  const asked = useDeferredValue(text);
  const found = useFind(asked);
  // What was found for fewer letters is never offered: Enter would open another lot than the one typed.
  const settled = asked === text && !found.isFetching;
  const navigate = useNavigate();
  const { at } = useLook();
  return (
    <Autocomplete
      id="find"
      sx={{ width: { xs: 112, md: 320 }, flexShrink: 0 }}
      options={text.trim() === '' || !settled ? [] : (found.data ?? [])}
      loading={text.trim() !== '' && !settled}
      loadingText="Looking …"
      // The server has narrowed already, by more than the label shows.
      filterOptions={(options) => options}
      getOptionLabel={(option) => option.title}
      getOptionKey={(option) => `${option.kind} ${option.key}`}
      groupBy={(option) => headings[option.kind]}
      inputValue={text}
      onInputChange={(_, value, reason) => reason !== 'reset' && setText(value)}
      value={null}
      onChange={(_, choice) => {
        if (choice === null) return;
        setText('');
        void navigate(at(address[choice.kind](choice)));
      }}
      noOptionsText={
        text.trim() === ''
          ? 'Type a code, a name, a person, a place, a year, or what you want to know'
          : 'Nothing of that kind here'
      }
      popupIcon={null}
      autoHighlight
      blurOnSelect
      slotProps={{
        popper: { sx: { minWidth: 360 }, placement: 'bottom-end' },
        listbox: { sx: { maxHeight: '75vh' } },
      }}
      renderOption={({ key, ...props }, option) => (
        <Box component="li" key={key} {...props} sx={{ display: 'block !important' }}>
          {option.tag === null ? (
            <Box sx={{ fontWeight: 700 }}>{option.title}</Box>
          ) : (
            <Tag tag={option.tag} />
          )}
          <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
            {option.where}
          </Box>
        </Box>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          placeholder="Find"
          slotProps={{
            ...params.slotProps,
            htmlInput: { ...params.slotProps?.htmlInput, 'aria-label': 'Find by code, name, note or year' },
          }}
        />
      )}
    />
  );
});
