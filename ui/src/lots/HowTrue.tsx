import Box from '@mui/material/Box';
import type { Lot } from '../api/client';

/** How true the line is, and on demand what that rests on. */
export function HowTrue({ line }: { line: Lot['line'] }) {
  return (
    <Box component="details" sx={{ maxWidth: '46em', mb: 1 }}>
      <Box component="summary" sx={{ cursor: 'pointer' }}>
        {line.says}
      </Box>
      <Box component="ul" sx={{ my: 0.5, pl: 3 }}>
        {line.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </Box>
    </Box>
  );
}
