import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { v7 } from 'uuid';
import { api, Refused, take, type Saved, type StorePlace } from '../api/client';
import { afterwards, useForm, useWrite } from '../api/queries';
import { FieldGrid, typedOf, type Values } from '../kit/FieldGrid';
import { Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';

/** A place where seed is kept, with its ordinary temperature and humidity. */
export function PlaceForm({
  place,
  onSaved,
  onCancel,
}: {
  /** the one that is changed; none where one is added */
  place?: StorePlace;
  onSaved: (saved: Saved) => void;
  onCancel: () => void;
}) {
  const fields = useForm('place').data ?? [];
  const say = useSay();
  const [id] = useState(() => place?.id ?? v7());
  const [values, setValues] = useState<Values>(() => (place === undefined ? {} : { ...place.typed }));
  const save = useWrite(() => {
    const body = { id, ...typedOf(fields, values) } as never;
    return place === undefined
      ? take(api.POST('/store-places', { body }))
      : take(api.PUT('/store-places/{id}', { params: { path: { id } }, body }));
  });
  const errors = save.error instanceof Refused ? save.error.fields : {};
  return (
    <Box
      // No form of its own: it may stand within one.
      role="group"
      aria-label={place === undefined ? 'A new place' : `Change ${place.name}`}
      sx={(t) => ({ border: `2px solid ${t.vars?.palette.quiet}`, px: 1.5, my: 1 })}
    >
      <FieldGrid fields={fields} values={values} errors={errors} onChange={setValues} />
      {save.error !== null && Object.keys(errors).length === 0 && <Trouble>{save.error.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, mb: 1 }}>
        <Button
          disabled={save.isPending}
          onClick={() =>
            void afterwards(save.mutateAsync(undefined), (saved) => {
              say(saved.said);
              onSaved(saved);
            })
          }
        >
          {place === undefined ? 'Add this place' : 'Keep the change'}
        </Button>
        <Button variant="text" onClick={onCancel}>
          Leave it
        </Button>
      </Box>
    </Box>
  );
}
