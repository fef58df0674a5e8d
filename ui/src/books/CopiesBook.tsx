import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { api, take, type GardenCopy } from '../api/client';
import { afterwards, useCopies, useWrite } from '../api/queries';
import { Caution, Empty, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';

/** Copies of the whole garden: one a day by itself, one more when it is wanted, and back to one. */
export function CopiesBook() {
  const copies = useCopies();
  const [open, setOpen] = useState<string | null>(null);
  const say = useSay();
  const more = useWrite(() => take(api.POST('/copies', { body: {} })));
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0 }}>
        Copies of the garden
      </Box>
      <p style={{ maxWidth: '46em' }}>
        The first time Marrow is used on a day it copies the whole garden and checks the copy. Seven days,
        five weeks and twelve months are kept. They lie beside the garden on this machine: put one elsewhere
        now and then.
      </p>
      <Button
        disabled={more.isPending}
        onClick={() => void afterwards(more.mutateAsync(undefined), (saved) => say(saved.said))}
      >
        Copy it now
      </Button>
      {more.error !== null && <Trouble>{more.error.message}</Trouble>}
      {copies.error !== null && <Trouble>{copies.error.message}</Trouble>}
      {copies.data?.length === 0 && <Empty>There is no copy yet.</Empty>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 2, p: 0 }}>
        {(copies.data ?? []).map((copy) => (
          <Box
            component="li"
            key={copy.name}
            sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, py: 1 })}
          >
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
              <Box sx={{ flex: 1, minWidth: 240 }}>
                <b>{copy.title}</b>
                <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{copy.holds}</Box>
              </Box>
              <Button
                variant="text"
                onClick={() => setOpen(copy.name)}
                aria-label={`Go back to the copy of ${copy.title}`}
              >
                Go back to it
              </Button>
            </Box>
            {open === copy.name && <Back copy={copy} onClose={() => setOpen(null)} />}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** Says what would be lost before it is done. */
function Back({ copy, onClose }: { copy: GardenCopy; onClose: () => void }) {
  const say = useSay();
  const [revive, setRevive] = useState(false);
  const restore = useWrite(() =>
    take(
      api.POST('/copies/{copy}/restore', {
        params: { path: { copy: copy.name } },
        body: { lost: copy.lost ?? -1, revive },
      }),
    ),
  );
  return (
    <Box role="group" aria-label={`Back to ${copy.title}`}>
      <Caution>
        {copy.loses} The garden as it stands now is kept as a copy of its own, so that this can be taken back.
      </Caution>
      {copy.revives > 0 && (
        <FormControlLabel
          control={<Checkbox checked={revive} onChange={(_, on) => setRevive(on)} />}
          label={
            copy.revives === 1
              ? 'Somebody who was forgotten since stands in it, and is forgotten again. Tick to leave that name in it.'
              : `${copy.revives} people who were forgotten since stand in it, and are forgotten again. Tick to leave their names in it.`
          }
        />
      )}
      {restore.error !== null && <Trouble>{restore.error.message}</Trouble>}
      <Waiting write={restore} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="contained"
          disabled={restore.isPending}
          onClick={() =>
            void afterwards(restore.mutateAsync(undefined), (saved) => {
              say(saved.said);
              onClose();
            })
          }
        >
          Make the garden as it was then
        </Button>
        <Button variant="text" onClick={onClose}>
          Cancel
        </Button>
      </Box>
    </Box>
  );
}
