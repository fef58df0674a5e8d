import Box from '@mui/material/Box';
import { useKin } from '../api/family';
import type { Values } from '../kit/FieldGrid';

/** What two lots would be poured together, before they are. */
export function MixAhead({ values }: { values: Values }) {
  const [one, other] = [String(values['lot'] ?? ''), String(values['other'] ?? '')];
  const kin = useKin(one, other);
  const lines =
    kin.error !== null
      ? [kin.error.message]
      : kin.data === undefined
        ? []
        : [kin.data.said, ...kin.data.mixed];
  return (
    <Box
      role="group"
      aria-label="What they would be together"
      sx={{ my: 1, maxWidth: '46em', minHeight: 24 }}
    >
      {lines.map((line) => (
        <Box key={line}>{line}</Box>
      ))}
    </Box>
  );
}
