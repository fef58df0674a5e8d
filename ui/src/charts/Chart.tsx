import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';
import type { ReactNode } from 'react';

/** What every chart of ours has in common: readable type, sturdy axes, a text for those who cannot see it. */
export function useInk() {
  const theme = useTheme();
  const vars = theme.vars ?? theme;
  return {
    ink: vars.palette.text.primary,
    faint: vars.palette.text.secondary,
    quiet: vars.palette.quiet,
    ground: vars.palette.background.default,
    alarm: vars.palette.error.main,
  };
}

export function ChartBox({ says, children }: { says: string; children: ReactNode }) {
  return (
    <Box
      role="img"
      aria-label={says}
      sx={(t) => ({
        '& .MuiChartsAxis-line, & .MuiChartsAxis-tick': {
          stroke: `${t.vars?.palette.rule} !important`,
          strokeWidth: 2,
        },
        '& .MuiChartsAxis-tickLabel': {
          fontSize: '15px !important',
          fill: `${t.vars?.palette.text.primary} !important`,
        },
        '& .MuiChartsAxis-label': {
          fontSize: '15px !important',
          fill: `${t.vars?.palette.text.secondary} !important`,
        },
        '& .MuiChartsReferenceLine-label': { fontSize: '15px', fontWeight: 700 },
      })}
    >
      {children}
    </Box>
  );
}
