import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** A line of a list that opens a page. */
export function Leaf({ to, current, children }: { to: string; current: boolean; children: ReactNode }) {
  return (
    <Box
      component={Link}
      to={to}
      aria-current={current ? 'page' : undefined}
      sx={(t) => ({
        display: 'flex',
        alignItems: 'center',
        minHeight: 44,
        mx: -1,
        px: 1,
        color: 'inherit',
        textDecoration: 'none',
        borderBottom: `1px solid ${t.vars?.palette.quiet}`,
        bgcolor: current ? t.vars?.palette.quiet : undefined,
        '&:hover': { bgcolor: t.vars?.palette.quiet },
      })}
    >
      <span>{children}</span>
    </Box>
  );
}
