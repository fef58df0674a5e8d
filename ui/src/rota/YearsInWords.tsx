import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import type { Rota } from '../api/client';

/** The rota told line by line, where there is no room for a table. */
export function YearsInWords({
  rota,
  chosen,
  onChoose,
  children,
}: {
  rota: Rota;
  chosen: string | null;
  onChoose: (line: string) => void;
  /** what is known of the chosen one */
  children: ReactNode;
}) {
  return (
    <Box component="ul" aria-label="When each line is grown for seed" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {rota.lines.map((line) => (
        <Box
          component="li"
          key={line.id}
          sx={(t) => ({
            borderTop: `1px solid ${t.vars?.palette.quiet}`,
            '&:first-of-type': { borderTop: 0 },
          })}
        >
          <ButtonBase
            onClick={() => onChoose(line.id)}
            aria-pressed={chosen === line.id}
            sx={{ display: 'block', textAlign: 'left', font: 'inherit', py: 1, width: '100%' }}
          >
            {line.told}
          </ButtonBase>
          {chosen === line.id && children}
        </Box>
      ))}
    </Box>
  );
}
