import Box from '@mui/material/Box';
import type { PaperTag as Words } from '../api/client';
import { PaperTag } from './PaperTag';
import { folds } from './papers';

const dash = '0.3mm dashed #000';

/** A quarter of a sheet that folds into a packet, with the tag on its front. */
export function FoldPacket({ tag, width, height }: { tag: Words; width: number; height: number }) {
  const { side, flap, front, inner } = folds({ width, height });
  const mm = (figure: number) => `${figure}mm`;
  return (
    <Box
      sx={{
        position: 'relative',
        boxSizing: 'border-box',
        width: mm(width),
        height: mm(height),
        overflow: 'hidden',
        bgcolor: '#fff',
        color: '#000',
        outline: '0.2mm solid #999',
        fontSize: '7pt',
        lineHeight: 1.25,
      }}
    >
      <Box sx={{ position: 'absolute', top: mm(flap), left: mm(side) }}>
        <PaperTag tag={tag} width={inner} height={front} />
      </Box>
      {[flap, flap + front].map((top) => (
        <Box key={top} sx={{ position: 'absolute', left: 0, right: 0, top: mm(top), borderTop: dash }} />
      ))}
      {[side, side + inner].map((left) => (
        <Box
          key={left}
          sx={{ position: 'absolute', top: mm(flap), bottom: 0, left: mm(left), borderLeft: dash }}
        />
      ))}
      <Box
        sx={{
          position: 'absolute',
          top: 0,
          left: mm(side),
          width: mm(inner),
          height: mm(flap),
          p: '4mm 2mm',
        }}
      >
        <b>4</b> Fill it. Fold this flap back and tuck it in.
      </Box>
      <Box
        sx={{
          position: 'absolute',
          top: mm(flap + front),
          left: mm(side),
          width: mm(inner),
          height: mm(front),
          p: '4mm 2mm',
          boxSizing: 'border-box',
        }}
      >
        <Box>
          <b>1</b> Cut along the grey line.
        </Box>
        <Box>
          <b>2</b> Fold this part up behind the tag.
        </Box>
        <Box>
          <b>3</b> Fold both sides back and glue them down.
        </Box>
        <Box sx={{ mt: '4mm', fontSize: '9pt', fontWeight: 700 }}>{tag.code}</Box>
      </Box>
    </Box>
  );
}
