import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { JournalPage } from '../api/client';
import { EntryWords } from '../record/JournalLines';
import { pageOf } from '../record/things';
import { Tag } from '../shell/Tag';

/** Entries of whatever things, each beside what it is of. */
export function AllLines({ lines }: { lines: JournalPage['lines'] }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {lines.map(({ subject, tag, of, name, page, entry }) => (
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
            to={subject === null ? (page ?? '') : pageOf({ subject, of, name })}
            sx={{ color: 'inherit', textDecoration: tag === null ? undefined : 'none', alignSelf: 'start' }}
          >
            {tag === null ? <b>{name}</b> : <Tag tag={tag} />}
          </Box>
          <EntryWords entry={entry} />
        </Box>
      ))}
    </Box>
  );
}
