import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Crop, Offer, Saved } from '../api/client';
import { RecordForm, type Onto } from './RecordForm';

/** What can be recorded of a thing as it stands: the likeliest as the strongest button, a form when one is chosen. */
export function Offers({
  onto,
  pickInto,
  offers,
  crop,
  leading = true,
  words = {},
  onDone,
}: {
  onto: Onto;
  /** where a picking goes, when that is not onto the thing itself */
  pickInto?: Onto['as'];
  offers: Offer[];
  crop: Crop;
  /** whether the first of them is what this page is for */
  leading?: boolean;
  words?: Record<string, string>;
  onDone?: (kind: string, saved: Saved) => void;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const offer = offers.find(({ kind }) => kind === chosen);
  return (
    <Box
      sx={(t) => ({
        my: 2,
        ...(offer && {
          border: `2px solid ${t.vars?.palette.rule}`,
          borderRadius: `${t.shape.borderRadius}px`,
          p: 2,
          bgcolor: t.vars?.palette.background.paper,
        }),
      })}
    >
      {offer === undefined ? (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {offers.map(({ kind, title }, index) => (
            <Button
              key={kind}
              variant={leading && index === 0 && kind !== 'noted' ? 'contained' : 'outlined'}
              onClick={() => setChosen(kind)}
            >
              {words[kind] ?? acts[kind] ?? title}
            </Button>
          ))}
        </Box>
      ) : (
        <>
          <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
            {words[offer.kind] ?? acts[offer.kind] ?? offer.title}
          </Box>
          <RecordForm
            key={offer.kind}
            onto={offer.kind === 'picked' && pickInto !== undefined ? { ...onto, as: pickInto } : onto}
            offer={offer}
            crop={crop}
            onDone={(saved) => {
              setChosen(null);
              onDone?.(offer.kind, saved);
            }}
            onCancel={() => setChosen(null)}
          />
        </>
      )}
    </Box>
  );
}

/** What the hand does, for the buttons; the journal says afterwards what was done. */
const acts: Record<string, string> = {
  picked: 'Picked more',
  first_bloom: 'First bloom',
  last_bloom: 'Last bloom',
  off_types_seen: 'Look for off-types',
  ferment_started: 'Start the ferment',
  poured_off: 'Poured off',
  rinsed: 'Rinsed',
  threshed: 'Threshed',
  winnowed: 'Winnowed',
  spread: 'Spread to dry',
  weighed: 'Weigh',
  jar_read: 'Read a closed jar',
  sample_weighed: 'Count and weigh samples',
  test_started: 'Start a test',
  stored: 'Put away',
  withdrawn: 'Take seed out',
  noted: 'Note',
  sown: 'Sown',
};
