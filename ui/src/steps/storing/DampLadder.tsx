import Box from '@mui/material/Box';
import type { Store } from '../../api/client';

type Inside = NonNullable<Store['inside']>;

/** Rungs in per cent RH, as the core has them; below the first and above the last nothing is told apart. */
const rungs = [
  { damp: 'dry', from: 20, to: 50, says: 'keeps' },
  { damp: 'ages', from: 50, to: 65, says: 'ages' },
  { damp: 'moulds', from: 65, to: 75, says: 'moulds' },
  { damp: 'rots', from: 75, to: 95, says: 'moulds soon' },
] as const;

const [least, most] = [20, 95];
const at = (rh: number) => ((Math.min(most, Math.max(least, rh)) - least) / (most - least)) * 100;

/** Where the air that the seed is shut in stands between what keeps and what moulds. */
export function DampLadder({ inside }: { inside: Inside }) {
  const rh = Math.round(inside.rh * 100);
  return (
    <Box
      role="img"
      aria-label={`The air it is shut in is at ${rh} % RH. ${inside.says}`}
      sx={{ maxWidth: 460, my: 1.5, position: 'relative', pt: '28px' }}
    >
      <Box
        sx={{
          position: 'absolute',
          top: 0,
          left: `${at(rh)}%`,
          transform: 'translateX(-50%)',
          fontWeight: 700,
        }}
      >
        {rh}&nbsp;%&nbsp;RH
      </Box>
      <Box
        sx={(t) => ({
          position: 'absolute',
          top: 20,
          left: `${at(rh)}%`,
          width: 4,
          ml: '-2px',
          height: 8,
          bgcolor: t.vars?.palette.text.primary,
        })}
      />
      <Box sx={(t) => ({ display: 'flex', border: `2px solid ${t.vars?.palette.text.primary}` })}>
        {rungs.map(({ damp, from, to, says }) => {
          const isIt = damp === inside.damp;
          return (
            <Box
              key={damp}
              sx={(t) => ({
                width: `${((to - from) / (most - least)) * 100}%`,
                px: 0.5,
                py: 0.25,
                fontSize: '0.8125rem',
                fontWeight: isIt ? 700 : 400,
                overflow: 'hidden',
                whiteSpace: 'nowrap',
                borderLeft: from === least ? 0 : `1px solid ${t.vars?.palette.text.primary}`,
                bgcolor: isIt ? t.vars?.palette.quiet : 'transparent',
              })}
            >
              {says}
            </Box>
          );
        })}
      </Box>
      <Box sx={{ position: 'relative', height: 20, fontSize: '0.8125rem', color: 'text.secondary' }}>
        {[50, 65, 75].map((edge) => (
          <Box key={edge} sx={{ position: 'absolute', left: `${at(edge)}%`, transform: 'translateX(-50%)' }}>
            {edge}&nbsp;%
          </Box>
        ))}
      </Box>
    </Box>
  );
}
