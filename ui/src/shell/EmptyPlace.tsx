import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { PlaceName } from '../api/client';
import { Empty } from '../kit/Section';
import { examples } from './examples';
import { places } from './places';
import { Full } from './Lines';

/** What belongs in a place and how it gets there, and a drawing of how it then looks. */
export function EmptyPlace({ place }: { place: PlaceName }) {
  return (
    <>
      <Empty>{places[place].empty}</Empty>
      <Example of={`the ${places[place].title.toLowerCase()}`} narrow>
        {examples[place].map((item) => (
          <Box
            key={item.tag.code}
            sx={(t) => ({
              py: 0.75,
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
              '&:first-of-type': { borderTop: 0 },
            })}
          >
            <Full item={item} />
          </Box>
        ))}
      </Example>
    </>
  );
}

/** Something made up, drawn where nothing stands yet. */
export function Example({
  of,
  narrow = false,
  children,
}: {
  of: string;
  narrow?: boolean;
  children: ReactNode;
}) {
  return (
    <Box component="figure" sx={{ m: 0, mt: 3, maxWidth: narrow ? 420 : undefined }}>
      <Box component="figcaption" sx={(t) => ({ color: t.vars?.palette.text.secondary, mb: 0.5 })}>
        So it will look, for example:
      </Box>
      <Box
        role="img"
        aria-label={`An example of ${of}: nothing of it is yours`}
        sx={(t) => ({ border: `2px dashed ${t.vars?.palette.quiet}`, borderRadius: '3px', px: 1.5 })}
      >
        {children}
      </Box>
    </Box>
  );
}
