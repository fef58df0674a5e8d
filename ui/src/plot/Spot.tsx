import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api, Refused, take, type Planting } from '../api/client';
import { afterwards, useForm, useWrite } from '../api/queries';
import { FieldGrid, typedOf, type Values } from '../kit/FieldGrid';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';

/** Where a planting stands. A bed that got another name, or a planting that was moved, is written over: no entry is made. */
export function Spot({ planting, fixed }: { planting: Planting; fixed: boolean }) {
  const [open, setOpen] = useState(false);
  if (open) return <SpotForm planting={planting} onClose={() => setOpen(false)} />;
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mt: 1 }}>
      <Box>
        {planting.out_in !== '' ? (
          <>
            Stands: {planting.out_in}
            {planting.spot !== '' && planting.spot !== planting.out_in && `; was sown: ${planting.spot}`}
          </>
        ) : planting.spot === '' ? (
          'Where it stands is not written down.'
        ) : (
          <>Stands: {planting.spot}</>
        )}
      </Box>
      {!fixed && (
        <Button variant="text" onClick={() => setOpen(true)} aria-label="Change where it stands">
          Change
        </Button>
      )}
    </Box>
  );
}

function SpotForm({ planting, onClose }: { planting: Planting; onClose: () => void }) {
  const fields = useForm('spot').data ?? [];
  const say = useSay();
  const [values, setValues] = useState<Values>({ spot: planting.spot });
  const put = useWrite(() =>
    take(
      api.PUT('/plantings/{code}', {
        params: { path: { code: planting.tag.code } },
        body: typedOf(fields, values) as never,
      }),
    ),
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label="Where it stands"
      sx={{ maxWidth: 420 }}
      onSubmit={(event) => {
        event.preventDefault();
        void afterwards(put.mutateAsync(undefined), (saved) => {
          say(saved.said);
          onClose();
        });
      }}
    >
      <FieldGrid
        fields={fields}
        values={values}
        errors={put.error instanceof Refused ? put.error.fields : {}}
        onChange={setValues}
      />
      <Waiting write={put} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" disabled={put.isPending}>
          Keep
        </Button>
        <Button variant="text" onClick={onClose}>
          Cancel
        </Button>
      </Box>
    </Box>
  );
}
