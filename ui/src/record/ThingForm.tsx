import Button from '@mui/material/Button';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState, type ReactNode } from 'react';
import { v7 } from 'uuid';
import { Refused, type Saved } from '../api/client';
import { afterwards, useForm, useWrite } from '../api/queries';
import { FieldGrid, typedOf, type Values } from '../kit/FieldGrid';
import { Caution, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';

/** The form of a thing of the garden that has a name, added or changed; it asks what the server says is to be asked. */
export function ThingForm({
  name,
  thing,
  add,
  save,
  children,
  onSaved,
  onCancel,
}: {
  /** of the form, as the server knows it */
  name: 'variety' | 'place' | 'container' | 'instrument';
  /** the one that is changed, with what is typed of it; none where one is added */
  thing?: { id: string; typed: Values };
  /** what adding it is called */
  add: string;
  save: (id: string, typed: Record<string, string>) => Promise<Saved>;
  /** what is worth saying of what is typed */
  children?: (typed: Record<string, string>) => ReactNode;
  onSaved: (saved: Saved) => void;
  onCancel: () => void;
}) {
  const fields = useForm(name).data ?? [];
  const say = useSay();
  const [id] = useState(() => thing?.id ?? v7());
  const [values, setValues] = useState<Values>(() => ({ ...thing?.typed }));
  const typed = typedOf(fields, values);
  const [evenSo, setEvenSo] = useState(false);
  const write = useWrite(() => save(id, { ...typed, ...(evenSo && { even_so: 'true' }) }));
  const errors = write.error instanceof Refused ? write.error.fields : {};
  const keep = () =>
    void afterwards(write.mutateAsync(undefined), (saved) => {
      say(saved.said);
      onSaved(saved);
    });
  return (
    <>
      <FieldGrid fields={fields} values={values} errors={errors} onChange={setValues} />
      {children?.(typed)}
      {errors['even_so'] !== undefined && (
        <Caution>
          {errors['even_so']}
          <FormControlLabel
            sx={{ display: 'block' }}
            control={<Checkbox checked={evenSo} onChange={(_, on) => setEvenSo(on)} />}
            label="It is so: change it all"
          />
        </Caution>
      )}
      {write.error !== null && Object.keys(errors).length === 0 && <Trouble>{write.error.message}</Trouble>}
      <Waiting write={write} />
      <Box sx={{ display: 'flex', gap: 1, my: 1 }}>
        <Button variant="contained" disabled={write.isPending} onClick={keep}>
          {thing === undefined ? add : 'Keep the change'}
        </Button>
        <Button
          variant="text"
          onClick={() => {
            write.stop();
            onCancel();
          }}
        >
          Cancel
        </Button>
      </Box>
    </>
  );
}
