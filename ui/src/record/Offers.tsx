import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Answered, Offer } from '../api/client';
import { Acts } from './Acts';
import { RecordForm, type Happening } from './RecordForm';
import { useTellable } from './useTellable';
import { may, usePresent } from '../api/present';

const idOf = ({ kind, act }: Pick<Offer, 'kind' | 'act'>) => `${kind} ${act}`;

/** What can be recorded of a thing as it stands: the likeliest as the strongest button, a form when one is chosen. */
export function Offers({
  about,
  offers: known,
  anything,
  called,
  leading = true,
  words = {},
  headings = {},
  leads = {},
  most = 2,
  onDone,
}: {
  about: Exclude<Happening['about'], 'a new lot'>;
  offers: Offer[];
  /** Whether all that can happen to it may be told here where nobody knows how it stands, and of which crop it is. */
  anything?: { crop: string | undefined };
  /** what it is called in what waits, where it has no code yet */
  called?: string;
  /** whether the first of them is what this page is for */
  leading?: boolean;
  words?: Record<string, string>;
  /** what its form is called, by kind, where that says more than the button */
  headings?: Record<string, string>;
  /** kinds that have a page of their own, and where it is */
  leads?: Record<string, string>;
  /** so many of them stand at once; all of them behind one button */
  most?: number;
  onDone?: (kind: string, saved: Answered) => void;
}) {
  const mayRecord = may(usePresent(), 'helper');
  const { hash, key } = useLocation();
  // What was typed and not kept is gone on with.
  const going = /^#record-(\w+)$/.exec(hash)?.[1] ?? null;
  const [chosen, setChosen] = useState<string | null>(going);
  // Also where one is on its page already.
  const [seen, setSeen] = useState(key);
  if (seen !== key) {
    setSeen(key);
    if (going !== null) setChosen(going);
  }
  // Where nobody knows how it stands by now, whatever happened can be told.
  const more = useTellable(about, anything, known);
  const offers = [...known, ...more];
  const shown = known.slice(0, most);
  const navigate = useNavigate();
  const choose = ({ kind, act }: Offer) =>
    leads[kind] === undefined ? setChosen(idOf({ kind, act })) : void navigate(leads[kind]);
  // Of one kind there may be several, as one for each who is to be told; the address names the kind alone.
  const offer = offers.find((one) => idOf(one) === chosen) ?? offers.find(({ kind }) => kind === chosen);
  // Who only looks is offered nothing to do.
  if (!mayRecord) return null;
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
        <Box
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            gap: 1,
            // As large as a wet finger.
            '& .MuiButton-root': { minHeight: { xs: 56, md: 'auto' } },
          }}
        >
          {shown.map((one, index) => (
            <Button
              key={idOf(one)}
              variant={leading && index === 0 && one.kind !== 'noted' ? 'contained' : 'outlined'}
              onClick={() => choose(one)}
            >
              {words[one.kind] ?? one.act}
            </Button>
          ))}
          {shown.length < offers.length && (
            <Acts
              offers={offers}
              called={shown.length === 0 ? 'Record what was done …' : undefined}
              onChoose={choose}
            />
          )}
        </Box>
      ) : (
        <>
          <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
            {headings[offer.kind] ?? words[offer.kind] ?? offer.act}
          </Box>
          <RecordForm
            key={idOf(offer)}
            happening={{
              ...offer,
              // With some of them a lot begins: picked from a planting, set apart from another.
              about: offer.from === about.subject ? 'a new lot' : about,
              origin: about,
              called,
            }}
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
