import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';

/** What was just kept, said back, with the way to take it back. */
type Say = (text: string, entry?: string, isTakenBack?: boolean) => void;

const SaidContext = createContext<Say>(() => undefined);

export const useSay = () => useContext(SaidContext);

/** Takes back what goes by this id, and gives the id of the taking back; what it is, this package does not know. */
type TakeBack = (entry: string) => Promise<{ entry: string }>;

export function SaidProvider({ takeBack, children }: { takeBack: TakeBack; children: ReactNode }) {
  const [said, setSaid] = useState<{
    text: string;
    entry?: string;
    isTakenBack: boolean;
    turn: number;
  } | null>(null);
  const [open, setOpen] = useState(false);
  const say = useCallback<Say>((text, entry, isTakenBack = false) => {
    setSaid((before) => ({ text, entry, isTakenBack, turn: (before?.turn ?? 0) + 1 }));
    setOpen(true);
  }, []);
  const press = async (entry: string, isTakenBack: boolean) => {
    try {
      const done = await takeBack(entry);
      // What was taken back can be brought back, and so on.
      say(
        isTakenBack ? 'Brought back.' : 'Taken back. It stays in the journal, struck through.',
        done.entry,
        !isTakenBack,
      );
    } catch (error) {
      say(error instanceof Error ? error.message : 'That could not be taken back.');
    }
  };
  const value = useMemo(() => say, [say]);

  return (
    <SaidContext value={value}>
      {children}
      <Snackbar
        // Each message has its own full time, also when it takes the place of another.
        key={said?.turn}
        open={open}
        autoHideDuration={10_000}
        onClose={(_, reason) => reason !== 'clickaway' && setOpen(false)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        // What is pressed next must not lie under it: on a phone that is at the bottom, at a desk on the left of a page or sheet.
        // Whatever is opened meanwhile lies over it.
        sx={{
          top: { xs: 8, md: 'auto' },
          bottom: { xs: 'auto', md: 24 },
          maxWidth: { md: 420 },
          zIndex: (t) => t.zIndex.drawer - 1,
        }}
        message={said?.text}
        action={
          said?.entry !== undefined && (
            <Button
              variant="text"
              sx={{ color: 'inherit', textDecoration: 'underline' }}
              onClick={() => void press(said.entry ?? '', said.isTakenBack)}
            >
              Take it back
            </Button>
          )
        }
        slotProps={{
          content: {
            sx: (t) => ({
              bgcolor: t.vars?.palette.text.primary,
              color: t.vars?.palette.background.paper,
              fontSize: '1rem',
              borderRadius: `${t.shape.borderRadius}px`,
            }),
          },
        }}
      />
    </SaidContext>
  );
}
