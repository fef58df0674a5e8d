import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useSearchParams } from 'react-router';
import { useJournal } from '../api/queries';
import { EntryWords } from '../record/JournalLines';
import { Empty, Trouble } from '../kit/Section';
import { Tag } from '../shell/Tag';

/** Everything that happened, newest first. */
export function JournalBook() {
  const [params, setParams] = useSearchParams();
  const page = Number(params.get('page') ?? 1) || 1;
  const journal = useJournal(page);
  const turn = (to: number) =>
    setParams((now) => {
      const next = new URLSearchParams(now);
      next.set('page', String(to));
      return next;
    });
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Typography variant="h1" sx={{ mb: 1 }}>
        The journal
      </Typography>
      {journal.error !== null && <Trouble>{journal.error.message}</Trouble>}
      {journal.data?.total === 0 && <Empty>Nothing has been recorded yet.</Empty>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {(journal.data?.lines ?? []).map(({ tag, entry }) => (
          <Box
            component="li"
            key={entry.id}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '300px 1fr' },
              gap: { xs: 0.5, sm: 2 },
              py: 1,
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
            })}
          >
            <Box
              component={Link}
              to={`/${tag.subject === 'lot' ? 'lots' : 'plot'}/${tag.code}`}
              sx={{ textDecoration: 'none', alignSelf: 'start' }}
            >
              <Tag tag={tag} />
            </Box>
            <EntryWords entry={entry} />
          </Box>
        ))}
      </Box>
      {journal.data !== undefined && journal.data.pages > 1 && (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mt: 2 }}>
          <Button disabled={page <= 1} onClick={() => turn(page - 1)}>
            Newer
          </Button>
          <span>
            {journal.data.page} of {journal.data.pages}
          </span>
          <Button disabled={page >= journal.data.pages} onClick={() => turn(page + 1)}>
            Older
          </Button>
        </Box>
      )}
    </Box>
  );
}
