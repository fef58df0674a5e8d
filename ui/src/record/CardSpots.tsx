import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useInk } from '../charts/Chart';
import type { Values } from '../kit/FieldGrid';
import { readingOf, stateOf, tapped, typedOf, type SpotState } from './cardSpots';

const words: Record<SpotState, string> = { dry: 'dry', between: 'between', damp: 'damp' };

/** A card as it lies in the jar: each spot is tapped until it looks as it does there. The two fields beneath hold the same. */
export function CardSpots({ values, onChange }: { values: Values; onChange: (values: Values) => void }) {
  const { ink, quiet } = useInk();
  const spots = String(values['card'] ?? '')
    .split('-')
    .map(Number)
    .filter((spot) => spot > 0);
  const reading = readingOf(spots, String(values['damp_to'] ?? ''), String(values['dry_from'] ?? ''));
  return (
    <Box role="group" aria-label="The card" sx={{ my: 1.5 }}>
      <Box sx={{ mb: 1, maxWidth: '46em' }}>
        Tap first the spot that is between its two colours, or any that looks otherwise than drawn.
      </Box>
      <Box
        sx={{
          display: 'inline-flex',
          flexWrap: 'wrap',
          gap: 0.5,
          border: `2px solid ${ink}`,
          p: 1,
        }}
      >
        {spots.map((spot, i) => {
          const state = stateOf(reading, i);
          return (
            <ButtonBase
              key={spot}
              aria-label={`The spot at ${spot} %: ${state === null ? 'not told' : words[state]}`}
              onClick={() => onChange({ ...values, ...typedOf(spots, tapped(reading, i)) })}
              sx={{ flexDirection: 'column', minWidth: 64, minHeight: 84, p: 0.5, font: 'inherit' }}
            >
              <svg width="44" height="44" aria-hidden="true">
                <circle
                  cx="22"
                  cy="22"
                  r="18"
                  fill={state === 'damp' ? ink : 'none'}
                  stroke={ink}
                  strokeWidth="2"
                />
                {state === 'between' && <path d="M4 22a18 18 0 0 0 36 0Z" fill={ink} />}
                {state === null && <circle cx="22" cy="22" r="17" fill={quiet} />}
              </svg>
              <Box component="span" sx={{ fontWeight: 700 }}>{`${spot} %`}</Box>
              <Box component="span">{state === null ? '?' : words[state]}</Box>
            </ButtonBase>
          );
        })}
      </Box>
    </Box>
  );
}
