import Box from '@mui/material/Box';
import { Coming } from '../kit/Coming';
import { point } from './Tag';

/** A tag before its words are there. */
function Blank({ height, width = '100%' }: { height: number; width?: number | string }) {
  return (
    <Box sx={(t) => ({ height, width, maxWidth: '100%', bgcolor: t.vars?.palette.quiet, clipPath: point })} />
  );
}

/** Words before they are there. */
function Words({ width, height = 12 }: { width: string; height?: number }) {
  return (
    <Box sx={(t) => ({ height, width, my: '4px', bgcolor: t.vars?.palette.quiet, borderRadius: '2px' })} />
  );
}

const ragged = ['88%', '64%', '76%', '52%'];
const widthOf = (line: number) => ragged[line % ragged.length] ?? '70%';
const times = (many: number) => Array.from({ length: many }, (_, line) => line);

/** A list of tags, each with its figure, and under it what it wants. */
export function ComingTags({ many = 8 }: { many?: number }) {
  return (
    <Coming>
      {times(many).map((line) => (
        <Box key={line} sx={(t) => ({ py: 0.75, borderTop: `1px solid ${t.vars?.palette.quiet}` })}>
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: 'minmax(216px, 1fr) 84px',
              gap: 1.5,
              alignItems: 'center',
            }}
          >
            <Blank height={30} />
            <Words width="100%" />
          </Box>
          <Words width={widthOf(line)} />
        </Box>
      ))}
    </Coming>
  );
}

/** A list of lines: name, scale, figure, words. */
export function ComingLines({ many = 16 }: { many?: number }) {
  return (
    <Coming>
      {times(many).map((line) => (
        <Box
          key={line}
          sx={(t) => ({
            display: 'grid',
            gridTemplateColumns: '2.2fr 3.2fr 1.2fr 2.8fr',
            gap: 1.5,
            height: 21,
            borderBottom: `1px solid ${t.vars?.palette.quiet}`,
          })}
        >
          <Words width={widthOf(line)} />
          <Words width={widthOf(line + 2)} height={8} />
          <Words width="80%" />
          <Words width={widthOf(line + 1)} />
        </Box>
      ))}
    </Coming>
  );
}

/** What is due: a tag, and beside it a line. */
export function ComingTasks({ many = 9 }: { many?: number }) {
  return (
    <Coming>
      {times(many).map((line) => (
        <Box
          key={line}
          sx={(t) => ({
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '324px minmax(0, 1fr)' },
            columnGap: 1.5,
            py: 0.75,
            borderTop: `1px solid ${t.vars?.palette.quiet}`,
          })}
        >
          <Blank height={28} />
          <Words width={widthOf(line)} height={14} />
        </Box>
      ))}
    </Coming>
  );
}

/** A sheet: its tag and seed, a line or two, its acts, and a section. */
export function ComingSheet() {
  return (
    <Coming>
      <Box
        sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 116px', gap: 2, alignItems: 'center' }}
      >
        <Blank height={60} width={560} />
        <Box sx={(t) => ({ width: 96, height: 72, borderRadius: '50%', bgcolor: t.vars?.palette.quiet })} />
      </Box>
      <Words width="40%" />
      <Words width="70%" height={14} />
      <Box sx={{ display: 'flex', gap: 1, my: 2 }}>
        {[132, 118, 230].map((width) => (
          <Box
            key={width}
            sx={(t) => ({
              width,
              height: 44,
              border: `2px solid ${t.vars?.palette.quiet}`,
              borderRadius: '3px',
            })}
          />
        ))}
      </Box>
      <Box sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.quiet}`, pt: 2 })}>
        <Words width="30%" height={18} />
        {times(5).map((line) => (
          <Words key={line} width={widthOf(line)} />
        ))}
      </Box>
    </Coming>
  );
}
