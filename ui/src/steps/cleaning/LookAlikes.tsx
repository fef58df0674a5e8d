import Box from '@mui/material/Box';
import type { Cleaning } from '../../api/client';
import { SeedDrawing } from '../../charts/SeedDrawing';

/** Pixels that the longest of them is drawn long. */
const LONGEST = 72;

/** Seed that could be taken for other seed, drawn beside it, all to one scale. */
export function LookAlikes({ looks }: { looks: Cleaning['looks'] }) {
  if (looks.length < 2) return null;
  const scale = LONGEST / Math.max(...looks.map(({ look }) => Math.max(look.length, look.width)));
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2.5, alignItems: 'end', mt: 1 }}>
      {looks.map(({ code, name, look }) => (
        <Box component="figure" key={code} sx={{ m: 0, display: 'grid', justifyItems: 'center', gap: 0.5 }}>
          <SeedDrawing look={look} unit={`${scale}px`} title={`${code}, ${look.says}`} />
          <Box component="figcaption" sx={{ fontSize: '0.875rem', textAlign: 'center' }}>
            <b>{code}</b> {name}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
