import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Drawer from '@mui/material/Drawer';
import OutlinedInput from '@mui/material/OutlinedInput';
import Popover from '@mui/material/Popover';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Theme } from '@mui/material/styles';
import { useState } from 'react';
import type { Offer } from '../api/client';
import { among } from './among';

/** All that can be recorded of a thing, behind one button at one place: by step, the likely first, narrowed by a few letters. */
export function Acts({
  offers,
  called = 'Record something else …',
  coming = false,
  onChoose,
}: {
  offers: Offer[];
  called?: string;
  /** whether it is not known yet what they are */
  coming?: boolean;
  onChoose: (offer: Offer) => void;
}) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  const [text, setText] = useState('');
  const narrow = useMediaQuery((t: Theme) => t.breakpoints.down('md'));
  const close = () => {
    setAt(null);
    setText('');
  };
  const choose = (offer: Offer) => {
    close();
    onChoose(offer);
  };
  const groups = among(offers, text);
  const first = groups[0]?.offers[0];
  const list = (
    <Box
      component="form"
      aria-label="What can be recorded"
      onSubmit={(event) => {
        event.preventDefault();
        if (first !== undefined) choose(first);
      }}
      sx={{ p: 2, width: { md: 440 }, maxHeight: '80vh', display: 'flex', flexDirection: 'column' }}
    >
      <OutlinedInput
        fullWidth
        value={text}
        placeholder="A few letters of it"
        inputProps={{ 'aria-label': 'Which of them' }}
        onChange={(event) => setText(event.target.value)}
        // On a phone the keyboard would lie over half of what there is to choose from.
        inputRef={(input: HTMLInputElement | null) => {
          if (!narrow) input?.focus({ preventScroll: true });
        }}
      />
      <Box sx={{ overflowY: 'auto', mt: 1 }}>
        {groups.map((group) => (
          <Box key={group.step} role="group" aria-label={group.step}>
            <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, pt: 1 })}>{group.step}</Box>
            {group.offers.map((offer) => (
              <Button
                key={`${offer.kind} ${offer.act}`}
                variant="text"
                fullWidth
                sx={{
                  justifyContent: 'flex-start',
                  minHeight: { xs: 44, md: 34 },
                  py: 0.25,
                  fontWeight: 600,
                }}
                onClick={() => choose(offer)}
              >
                {offer.act}
              </Button>
            ))}
          </Box>
        ))}
        {groups.length === 0 && (
          <Box sx={{ py: 1 }}>
            {coming ? 'One moment …' : 'Nothing of that kind can be recorded of it now.'}
          </Box>
        )}
      </Box>
    </Box>
  );
  return (
    <>
      <Button
        aria-haspopup="dialog"
        aria-expanded={at !== null}
        onClick={(event) => setAt(event.currentTarget)}
      >
        {called}
      </Button>
      {narrow ? (
        <Drawer anchor="bottom" open={at !== null} onClose={close}>
          {list}
        </Drawer>
      ) : (
        <Popover
          open={at !== null}
          anchorEl={at}
          onClose={close}
          anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
          slotProps={{ paper: { variant: 'outlined', elevation: 0 } }}
        >
          {list}
        </Popover>
      )}
    </>
  );
}
