import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { TagWords } from '../api/client';
import { SeedDrawing } from '../charts/SeedDrawing';
import { Tag } from './Tag';

/** What a sheet is of: its tag, what is known of it in a line or two, and its seed, many times its size. */
export function SheetHead({ tag, children }: { tag: TagWords; children?: ReactNode }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns:
          tag.seed === null ? 'minmax(0, 1fr)' : { xs: 'minmax(0, 1fr) 76px', sm: 'minmax(0, 1fr) 116px' },
        columnGap: 2,
        alignItems: 'start',
        mb: 1,
      }}
    >
      <Box
        component="h1"
        sx={{ m: 0, font: 'inherit', maxWidth: 560, gridColumn: { xs: '1 / -1', sm: '1' } }}
      >
        <Tag tag={tag} large />
      </Box>
      {tag.seed !== null && (
        <Box
          sx={{
            gridColumn: 2,
            gridRow: { xs: 2, sm: '1 / span 2' },
            alignSelf: 'center',
            display: 'grid',
            placeItems: 'center',
            // As large as there is room for, whatever its form.
            '& svg': { maxWidth: '100%', maxHeight: { xs: 72, sm: 112 } },
          }}
        >
          <SeedDrawing look={tag.seed} size={112} />
        </Box>
      )}
      <Box sx={{ gridColumn: 1 }}>{children}</Box>
    </Box>
  );
}
