import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { SwapLine } from '../api/client';
import { useLook } from '../api/look';
import { useSwapList } from '../api/queries';
import { Coming } from '../kit/Coming';
import { SaveAs } from '../kit/SaveAs';
import { Empty, Section, Trouble } from '../kit/Section';
import { plural } from '../kit/words';

/** What of the store may be swapped or given away; to be printed, or sent as a file. */
export function SwapPage() {
  const list = useSwapList();
  const { at } = useLook();
  if (list.error !== null) return <Trouble>{list.error.message}</Trouble>;
  if (list.data === undefined) return <Coming lines={10} />;
  const { garden, day, rules, offered, kept } = list.data;
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 1060, '@media print': { p: 0, color: '#000' } }}>
      <Box component={Link} to={at('/store')} sx={{ color: 'inherit', '@media print': { display: 'none' } }}>
        Back to the store
      </Box>
      <Typography variant="h1" sx={{ mt: 1 }}>
        To swap and to give
      </Typography>
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
        {[garden, day, plural(offered.length, 'lot')].filter(Boolean).join(', ')}
      </Box>
      <Box component="p" sx={{ maxWidth: '60em', mb: 1 }}>
        {rules}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1, '@media print': { display: 'none' } }}>
        <Button variant="contained" disabled={offered.length === 0} onClick={() => window.print()}>
          Print
        </Button>
        {offered.length > 0 && <SaveAs title="To swap" table={() => tableOf(offered)} />}
        <Button component={Link} to={at('/books/people')}>
          Who has seed of mine
        </Button>
      </Box>
      {offered.length === 0 ? (
        <Empty>
          Nothing to swap yet: a lot stands here when there is more of it than its packets and the reserve.
        </Empty>
      ) : (
        <Lines lines={offered} label="To swap" />
      )}
      {kept.length > 0 && (
        <Box sx={{ '@media print': { display: 'none' } }}>
          <Section title={`Kept back: ${plural(kept.length, 'lot')}`}>
            <Lines lines={kept} label="Kept back" />
          </Section>
        </Box>
      )}
    </Box>
  );
}

function Lines({ lines, label }: { lines: SwapLine[]; label: string }) {
  const { at } = useLook();
  return (
    <Box component="ul" aria-label={label} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {lines.map(({ tag, spare, germination, until, said }) => (
        <Box
          component="li"
          key={tag.code}
          sx={(t) => ({
            display: 'grid',
            gridTemplateColumns: {
              xs: '1fr',
              sm: 'minmax(180px, 3fr) minmax(110px, 2fr) minmax(150px, 3fr)',
            },
            columnGap: 2,
            borderTop: `1px solid ${t.vars?.palette.quiet}`,
            py: 0.6,
            breakInside: 'avoid',
          })}
        >
          <Box>
            <Box component={Link} to={at(`/store/${tag.code}`)} sx={{ color: 'inherit', fontWeight: 700 }}>
              {tag.variety}
            </Box>
            {tag.year !== null && ` ${tag.year}`} · {tag.code}
            <Box>
              {tag.crop}, <em lang="la">{tag.latin}</em>
            </Box>
          </Box>
          <b>{spare}</b>
          <Box>
            {[germination, until].filter(Boolean).join(' · ')}
            {said !== '' && (
              <Box component="span" sx={{ fontWeight: germination === '' ? 400 : 700 }}>
                {germination !== '' || until !== '' ? ' · ' : ''}
                {said}
              </Box>
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

const tableOf = (lines: SwapLine[]) => [
  ['Code', 'Crop', 'Latin', 'Variety', 'Ripened in', 'To spare', 'Germination', 'Count on it', 'To know'],
  ...lines.map(({ tag, spare, germination, until, said }) =>
    [
      tag.code,
      tag.crop,
      tag.latin,
      tag.variety,
      tag.year === null ? '' : String(tag.year),
      spare,
      germination,
      until,
      said,
    ].map((cell) => cell.replaceAll('\u00A0', ' ')),
  ),
];
