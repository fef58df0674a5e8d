import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { pages, type PageName } from './places';

/** What leads elsewhere from a place. */
export type Way = { label: string; to: string };

/** Letters that stand beside one another in a narrow head, next to the word for the rest. */
const NARROW = 24;

/**
 * The name of a place with its spine of enamel, and what leads elsewhere from it in one row: where there is little room the
 * first of it, and the rest behind one word.
 */
export function PlaceHead({
  name,
  ways = [],
  wide = false,
}: {
  name: PageName;
  ways?: Way[];
  wide?: boolean;
}) {
  const page = pages[name];
  const shown = wide ? ways : ways.filter((_, i) => lettersTo(ways, i) <= NARROW || ways.length === 1);
  const rest = ways.slice(shown.length);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, px: 2, pt: 2, pb: 1 }}>
      <Box sx={{ width: 10, height: 34, bgcolor: pages[name].enamel }} />
      <Box sx={{ flex: wide ? '1 1 auto' : '1 1 200px', minWidth: 0 }}>
        <Typography variant="h1">{page.title}</Typography>
        <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, lineHeight: 1.2, whiteSpace: 'nowrap' })}>
          {page.of}
        </Box>
      </Box>
      {ways.length > 0 && (
        <Box
          component="nav"
          aria-label={`From the ${page.title.toLowerCase()}`}
          sx={{ display: 'flex', gap: 1, '& a, & button': { px: wide ? 1.5 : 1.25, whiteSpace: 'nowrap' } }}
        >
          {shown.map(({ label, to }) => (
            <Button key={label} component={Link} to={to}>
              {label}
            </Button>
          ))}
          {rest.length > 0 && <Rest ways={rest} />}
        </Box>
      )}
    </Box>
  );
}

const lettersTo = (ways: Way[], to: number) =>
  ways.slice(0, to + 1).reduce((sum, { label }) => sum + label.length, 0);

function Rest({ ways }: { ways: Way[] }) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  const close = () => setAt(null);
  return (
    <>
      <Button
        variant="text"
        aria-haspopup="menu"
        aria-expanded={at !== null}
        onClick={(event) => setAt(event.currentTarget)}
      >
        And also …
      </Button>
      <Menu
        anchorEl={at}
        open={at !== null}
        onClose={close}
        slotProps={{ paper: { variant: 'outlined', elevation: 0 } }}
      >
        {ways.map(({ label, to }) => (
          <MenuItem key={label} component={Link} to={to} onClick={close}>
            {label}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
