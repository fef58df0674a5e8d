import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { pages, type PageName } from './places';

/** The name of a place with its spine of enamel. */
export function PlaceHead({ name, action }: { name: PageName; action?: ReactNode }) {
  const page = pages[name];
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, px: 2, pt: 2, pb: 1 }}>
      <Box sx={{ width: 10, height: 34, bgcolor: pages[name].enamel }} />
      <Box sx={{ flex: '1 1 200px', minWidth: 0 }}>
        <Typography variant="h1">{page.title}</Typography>
        <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, lineHeight: 1.2 })}>{page.of}</Box>
      </Box>
      {action}
    </Box>
  );
}
