import Box from '@mui/material/Box';
import { api, take, type Saved, type StorePlace } from '../api/client';
import { ThingForm } from './ThingForm';

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
  return (
    <Box
      // No form of its own: it may stand within one.
      role="group"
      aria-label={place === undefined ? 'A new place' : `Change ${place.name}`}
      sx={(t) => ({ border: `2px solid ${t.vars?.palette.quiet}`, px: 1.5, my: 1 })}
    >
      <ThingForm
        name="place"
        thing={place}
        add="Add this place"
        save={(id, typed) => {
          const body = { id, ...typed } as never;
          return place === undefined
            ? take(api.POST('/store-places', { body }))
            : take(api.PUT('/store-places/{id}', { params: { path: { id } }, body }));
        }}
        onSaved={onSaved}
        onCancel={onCancel}
      />
    </Box>
  );
}
