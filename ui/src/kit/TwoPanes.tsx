import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { ReactNode } from 'react';
import { Empty } from './Section';

/** What is here, and the worksheet of the chosen one. On a phone one after the other. */
export function TwoPanes({
  list,
  sheet,
  hint,
  resting,
  overview,
}: {
  list: ReactNode;
  sheet: ReactNode | null;
  hint: string;
  /** what stands beside the list while nothing is chosen, instead of the hint */
  resting?: ReactNode;
  /** what stands in place of both while nothing is chosen and there is room */
  overview?: ReactNode;
}) {
  const { breakpoints } = useTheme();
  const wide = useMediaQuery(breakpoints.up('md'), { noSsr: true });
  if (sheet === null && overview !== undefined && wide) return <Box id="sheet">{overview}</Box>;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 400px) minmax(0, 1fr)' },
        '@media print': { display: 'block' },
      }}
    >
      <Box
        sx={{
          display: { xs: sheet === null ? 'block' : 'none', md: 'block' },
          position: { md: 'sticky' },
          top: 0,
          alignSelf: 'start',
          maxHeight: { md: '100vh' },
          overflowY: { md: 'auto' },
          '@media print': { display: 'none' },
        }}
      >
        {list}
      </Box>
      <Box
        id="sheet"
        tabIndex={-1}
        sx={(t) => ({
          outline: 'none',
          display: { xs: sheet === null ? 'none' : 'block', md: 'block' },
          borderLeft: { md: `2px solid ${t.vars?.palette.rule}` },
          minHeight: { md: 'calc(100vh - 114px)' },
          px: { xs: 1.5, md: 3 },
          py: 2,
          minWidth: 0,
          '@media print': { borderLeft: 0, minHeight: 0, p: 0 },
        })}
      >
        {sheet ?? resting ?? <Empty>{hint}</Empty>}
      </Box>
    </Box>
  );
}
