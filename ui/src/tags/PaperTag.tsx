import Box from '@mui/material/Box';
import type { PaperTag as Words } from '../api/client';
import { SeedDrawing } from '../charts/SeedDrawing';
import { heading } from '../kit/theme';
import { fitOf } from './papers';
import { SquareMark } from './SquareMark';

/** px of a millimetre on paper */
const MM = 96 / 25.4;

/** A tag on paper, in so much room. Black on white whatever the screen's colours are. */
export function PaperTag({ tag, width, height }: { tag: Words; width: number; height: number }) {
  const fit = fitOf({ width, height });
  const narrow = width < 45;
  const pad = fit === 'full' ? 3.5 : 2;
  const square = Math.min(fit === 'full' ? 23 : 19, height - 2 * pad, width - 2 * pad);
  return (
    <Box
      component="article"
      aria-label={`${sorts[tag.sort]} ${tag.code}`}
      sx={{
        boxSizing: 'border-box',
        width: `${width}mm`,
        height: `${height}mm`,
        p: `${pad}mm`,
        overflow: 'hidden',
        bgcolor: '#fff',
        color: '#000',
        display: 'flex',
        flexDirection: narrow ? 'column' : 'row',
        gap: `${pad / 2}mm`,
        fontSize: { full: '9.5pt', short: '8pt', least: '7.5pt' }[fit],
        lineHeight: 1.22,
      }}
    >
      <Box sx={{ flex: 1, minWidth: 0, minHeight: 0, overflow: 'hidden' }}>
        <Head tag={tag} fit={fit} />
        {tag.headline !== '' && <Box sx={{ fontWeight: 800, fontSize: '1.15em' }}>{tag.headline}</Box>}
        {tag.warning !== null && (
          <Box sx={{ border: '1.5px solid #000', px: '1mm', my: '0.7mm', fontWeight: 700 }}>
            {fit === 'full' ? tag.warning : 'Treated seed: never eat it.'}
          </Box>
        )}
        {fit !== 'least' && (
          <Lines lines={fit === 'full' ? tag.lines : tag.lines.slice(0, height >= 40 ? 4 : 3)} />
        )}
      </Box>
      <Box sx={{ alignSelf: narrow ? 'center' : 'start', textAlign: 'center' }}>
        <SquareMark text={tag.mark} mm={square} />
        {fit === 'full' && <Box sx={{ fontSize: '7.5pt', mt: '0.5mm' }}>{sorts[tag.sort]}</Box>}
      </Box>
    </Box>
  );
}

export const sorts: Record<Words['sort'], string> = {
  outside: 'Outside',
  inside: 'Inside',
  packet: 'Packet',
  rack: 'Rack or bench',
  dish: 'Dish',
  bed: 'Bed',
  fruit: 'Fruit',
};

function Head({ tag, fit }: { tag: Words; fit: 'full' | 'short' | 'least' }) {
  return (
    <Box sx={{ mb: fit === 'full' ? '1mm' : 0 }}>
      <Box sx={{ display: 'flex', gap: '2mm', alignItems: 'center' }}>
        <Box
          sx={{
            fontFamily: heading,
            fontWeight: 800,
            fontSize: fit === 'full' ? '19pt' : '13pt',
            lineHeight: 1.05,
          }}
        >
          {tag.code}
        </Box>
        {tag.seed !== null && fit !== 'least' && (
          <SeedDrawing look={tag.seed} size={(fit === 'full' ? 8 : 5) * MM} paper />
        )}
      </Box>
      <Box sx={{ fontWeight: 700, fontSize: fit === 'full' ? '12pt' : '1.1em', lineHeight: 1.1 }}>
        {tag.variety}
        {tag.year !== null && ` ${tag.year}`}
      </Box>
      <Box>
        {tag.crop}
        {fit !== 'least' && (
          <>
            , <em lang="la">{tag.latin}</em>
          </>
        )}
      </Box>
    </Box>
  );
}

function Lines({ lines }: { lines: Words['lines'] }) {
  return (
    <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: '2mm', m: 0 }}>
      {lines.map(({ label, said }) => (
        <Box key={label} sx={{ display: 'contents' }}>
          <dt>{label}</dt>
          <Box component="dd" sx={{ m: 0, fontWeight: 700, minWidth: 0 }}>
            {said}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
