import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useStorePlaces } from '../api/queries';
import { Empty, Trouble } from '../kit/Section';
import { PlaceForm } from '../record/PlaceForm';

/** The places where seed is kept. What is changed of one holds for everything that lies there. */
export function PlacesBook() {
  const places = useStorePlaces();
  const [open, setOpen] = useState<string | null>(null);
  if (places.error !== null) return <Trouble>{places.error.message}</Trouble>;
  const close = () => setOpen(null);
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0 }}>
        Places where seed is kept
      </Box>
      {places.data?.length === 0 && <Empty>None yet: a shelf, a fridge, a tin in the cellar.</Empty>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {(places.data ?? []).map((place) => (
          <Box
            component="li"
            key={place.id}
            sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, py: 0.5 })}
          >
            {open === place.id ? (
              <PlaceForm place={place} onSaved={close} onCancel={close} />
            ) : (
              <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
                <Box sx={{ flex: 1 }}>{place.said}</Box>
                <Button variant="text" onClick={() => setOpen(place.id)} aria-label={`Change ${place.name}`}>
                  Change
                </Button>
              </Box>
            )}
          </Box>
        ))}
      </Box>
      {open === 'new' ? (
        <PlaceForm onSaved={close} onCancel={close} />
      ) : (
        <Button sx={{ mt: 2 }} onClick={() => setOpen('new')}>
          Add a place
        </Button>
      )}
    </Box>
  );
}
