import Box from '@mui/material/Box';
import { api, take, type Saved, type Variety } from '../api/client';
import { useCrops } from '../api/queries';
import { Caution } from '../kit/Section';
import { ThingForm } from './ThingForm';

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
  const crops = useCrops();
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
      <ThingForm
        name="variety"
        thing={variety === undefined ? undefined : { id: variety.id, typed: { ...variety } as never }}
        add="Add this variety"
        save={(id, typed) => {
          const body = { id, ...typed } as never;
          return variety === undefined
            ? take(api.POST('/varieties', { body }))
            : take(api.PUT('/varieties/{id}', { params: { path: { id } }, body }));
        }}
        onSaved={onSaved}
        onCancel={onCancel}
      >
        {(typed) => {
          const crop = crops.data?.find(({ key }) => key === typed['crop']);
          const caution = advice[typed['type'] ?? ''];
          return (
            <>
              {crop !== undefined && (
                <p style={{ maxWidth: '46em' }}>
                  <em lang="la">{crop.latin}</em>, {crop.life_cycle}: {crop.breeding}.
                </p>
              )}
              {caution !== undefined && <Caution>{caution}</Caution>}
            </>
          );
        }}
      </ThingForm>
    </Box>
  );
}
