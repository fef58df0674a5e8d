import Box from '@mui/material/Box';
import type { SeedLook } from '../api/client';
import { useInk } from '../charts/Chart';
import { SeedDrawing } from '../charts/SeedDrawing';

/** mm: longer ones are large enough as they are */
const ENLARGED = 30;

/** mm: longer ones do not fit on a phone */
const SHOWN = 80;

/** At true size beside a rule of millimetres, and enlarged: what a seed found on the floor is held against. */
export function SeedToScale({ look, name }: { look: SeedLook; name: string }) {
  const { ink, faint } = useInk();
  const longest = Math.max(look.length, look.width);
  const rule = Math.min(SHOWN, Math.max(10, Math.ceil((longest + 2) / 5) * 5));
  return (
    <Box
      component="figure"
      aria-label="The seed, to scale"
      sx={{ m: 0, my: 2, display: 'flex', flexWrap: 'wrap', gap: 3, alignItems: 'flex-end' }}
    >
      {/* What is as large as this already is not enlarged. */}
      {longest <= ENLARGED && (
        <SeedDrawing look={look} size={132} title={`${name}, ${look.unit}, enlarged`} />
      )}
      {longest <= SHOWN && (
        <Box>
          <SeedDrawing look={look} unit="1mm" title={`${name}, ${look.unit}, at true size`} />
          <svg
            aria-label={`a rule of ${rule} millimetres`}
            role="img"
            viewBox={`0 0 ${rule} 5`}
            style={{ width: `${rule}mm`, height: '5mm', display: 'block', marginTop: 6, overflow: 'visible' }}
          >
            {Array.from({ length: rule + 1 }, (_, i) => (
              <line
                key={i}
                x1={i}
                x2={i}
                y1={0}
                y2={i % 10 === 0 ? 4 : i % 5 === 0 ? 3 : 2}
                stroke={ink}
                strokeWidth={0.18}
              />
            ))}
          </svg>
          <Box sx={{ color: faint, fontSize: '0.9rem' }}>{rule} mm</Box>
        </Box>
      )}
      <Box component="figcaption" sx={{ flex: '1 1 15em', maxWidth: '30em' }}>
        {look.says} {look.beside !== null && `Beside it: ${look.beside} `}
        {longest <= SHOWN &&
          `On paper ${longest <= ENLARGED ? 'the small one' : 'the drawing'} is true to size; a screen may be out by a little.`}
      </Box>
    </Box>
  );
}
