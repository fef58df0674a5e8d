import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, Refused, take } from '../api/client';
import { afterwards, useCrops, useWrite } from '../api/queries';
import { FileButton } from '../kit/FileButton';
import { Trouble } from '../kit/Section';
import { ChoiceInput, TextInput } from '../kit/fields';
import { Waiting } from '../kit/Waiting';

/** A crop that the handbook lacks: made like one that it has, and then given its own figures. */
export function NewCrop() {
  const crops = useCrops();
  const navigate = useNavigate();
  const [typed, setTyped] = useState({ name: '', latin: '', family: '', like: '' });
  const add = useWrite(() => take(api.POST('/crops', { body: typed })));
  const bring = useWrite((file: string) => take(api.POST('/crops/file', { body: { file } })));
  const unread =
    bring.error instanceof Refused ? (bring.error.fields['file'] ?? bring.error.message) : undefined;
  const open = (saved: { code: string }) => void navigate(`/books/handbook/${saved.code}`);
  const refused = add.error instanceof Refused ? add.error : undefined;
  const text = (field: 'name' | 'latin' | 'family', label: string, hint: string) => (
    <TextInput
      label={label}
      hint={hint}
      error={refused?.fields[field]}
      value={typed[field]}
      onChange={(value) => setTyped({ ...typed, [field]: value })}
    />
  );
  return (
    <Box
      component="form"
      noValidate
      sx={{ maxWidth: 760 }}
      onSubmit={(event) => {
        event.preventDefault();
        void afterwards(add.mutateAsync(undefined), open);
      }}
    >
      <Box component="h1" sx={{ typography: 'h1', mt: 0 }}>
        Add a crop
      </Box>
      <p style={{ maxWidth: '46em' }}>
        It starts with the figures of a crop that it is like; change what is otherwise on its page. The Latin
        name decides what it crosses with.
      </p>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, mb: 2 }}>
        {text('name', 'Common name', 'Oca')}
        {text('latin', 'Latin name', 'Oxalis tuberosa')}
        {text('family', 'Family', 'Oxalidaceae')}
        <ChoiceInput
          label="Most like"
          options={(crops.data ?? []).map(({ key, name }) => ({ key, label: name }))}
          value={crops.data === undefined ? '' : typed.like}
          error={refused?.fields['like']}
          onChange={(value) => setTyped({ ...typed, like: String(value) })}
        />
      </Box>
      {refused !== undefined && Object.keys(refused.fields).length === 0 && (
        <Trouble>{refused.message}</Trouble>
      )}
      <Waiting write={add} />
      <Button type="submit" variant="contained" disabled={add.isPending}>
        Add this crop
      </Button>
      <Box component="h2" sx={{ typography: 'h2', mt: 4 }}>
        Or as somebody else keeps it
      </Box>
      <p style={{ maxWidth: '46em' }}>
        On the page of each crop, under its figures, it can be had as a file: to give away, and to be taken in
        here.
      </p>
      <FileButton
        label="A crop as a file"
        takes="crop"
        disabled={bring.isPending}
        onFile={(file) => void file.text().then((text) => afterwards(bring.mutateAsync(text), open))}
      >
        Take in a crop’s file
      </FileButton>
      {unread !== undefined && <Trouble>{unread}</Trouble>}
      <Waiting write={bring} />
    </Box>
  );
}
