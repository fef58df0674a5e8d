import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useWaitingOf } from '../api/pending';

/** What was recorded of a thing and is not sent yet, in the order in which it will be. */
export function WaitingLines({ of }: { of: string }) {
  const waiting = useWaitingOf(of);
  if (waiting.length === 0) return null;
  return (
    <Box
      component="ul"
      aria-label="Waits to be sent, of this"
      sx={(t) => ({
        listStyle: 'none',
        m: 0,
        mb: 1,
        pl: 1.5,
        borderLeft: `6px solid ${t.vars?.palette.caution.main}`,
      })}
    >
      {waiting.map(({ id, title, leave }) => (
        <Box component="li" key={id} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <b>{title}</b>
            <Box component="span" sx={(t) => ({ display: 'block', color: t.vars?.palette.text.secondary })}>
              waits to be sent
            </Box>
          </Box>
          <Button variant="text" onClick={leave} aria-label={`Do not send it: ${title}`}>
            Do not send it
          </Button>
        </Box>
      ))}
    </Box>
  );
}
