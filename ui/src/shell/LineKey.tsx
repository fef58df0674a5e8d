import Button from '@mui/material/Button';
import { foot } from '../kit/theme';
import { toFind } from './find';
import { lineKeySide } from './lineKey';

/** On a phone the way to the line, in reach of whichever thumb. */
export function LineKey() {
  const side = lineKeySide();
  if (side === 'none') return null;
  return (
    <Button
      variant="contained"
      aria-label="Record or find: write a line"
      onClick={toFind}
      sx={{
        display: { xs: 'block', md: 'none' },
        position: 'fixed',
        [side]: 12,
        bottom: `calc(${foot + 12}px + env(safe-area-inset-bottom))`,
        width: 52,
        minWidth: 52,
        height: 52,
        p: 0,
        fontSize: '1.5rem',
        zIndex: 2,
        '@media print': { display: 'none' },
      }}
    >
      /
    </Button>
  );
}
