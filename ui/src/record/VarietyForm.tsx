import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { v7 } from 'uuid';
import { api, Refused, take, type Saved, type Variety } from '../api/client';
import { afterwards, useCrops, useForm, useWrite } from '../api/queries';
import { FieldGrid, typedOf, type Values } from '../kit/FieldGrid';
import { Caution, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';

const advice: Partial<Record<string, string>> = {
  hybrid:
    'Seed of a hybrid does not come true. It can be grown out and selected for five generations or more until it is stable. Ask too whether the variety is protected where you live.',
  unknown:
    'Until it is known, treat it as a hybrid: keep some of the seed you have, and see what a few plants turn into.',
};

/** A variety: its crop decides what can cross with it and how its seed is handled. */
export function VarietyForm({
  variety,
  onSaved,
  onCancel,
}: {
  /** the one that is changed; none where one is added */
  variety?: Variety;
  onSaved: (saved: Saved) => void;
  onCancel: () => void;
}) {
  const fields = useForm('variety').data ?? [];
  const crops = useCrops();
  const say = useSay();
  const [id] = useState(() => variety?.id ?? v7());
  const [values, setValues] = useState<Values>(() => (variety === undefined ? {} : { ...variety }));
  const typed = typedOf(fields, values);
  const save = useWrite(() => {
    const body = { id, ...typed } as never;
    return variety === undefined
      ? take(api.POST('/varieties', { body }))
      : take(api.PUT('/varieties/{id}', { params: { path: { id } }, body }));
  });
  const errors = save.error instanceof Refused ? save.error.fields : {};
  const crop = crops.data?.find(({ key }) => key === typed['crop']);
  const caution = advice[typed['type'] ?? ''];
  return (
    <Box
      sx={(t) => ({
        border: `2px solid ${t.vars?.palette.rule}`,
        bgcolor: t.vars?.palette.background.paper,
        p: 2,
        my: 2,
      })}
    >
      <Box component="h2" sx={{ typography: 'h2', mt: 0 }}>
        {variety === undefined ? 'A new variety' : `Change ${variety.name}`}
      </Box>
      <FieldGrid fields={fields} values={values} errors={errors} onChange={setValues} />
      {crop !== undefined && (
        <p style={{ maxWidth: '46em' }}>
          <em lang="la">{crop.latin}</em>, {crop.life_cycle}: {crop.breeding}.
        </p>
      )}
      {caution !== undefined && <Caution>{caution}</Caution>}
      {save.error !== null && Object.keys(errors).length === 0 && <Trouble>{save.error.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
        <Button
          variant="contained"
          disabled={save.isPending}
          onClick={() =>
            void afterwards(save.mutateAsync(undefined), (saved) => {
              say(saved.said);
              onSaved(saved);
            })
          }
        >
          {variety === undefined ? 'Add this variety' : 'Keep the change'}
        </Button>
        <Button variant="text" onClick={onCancel}>
          Leave it
        </Button>
      </Box>
    </Box>
  );
}
