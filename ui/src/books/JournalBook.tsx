import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSearchParams } from 'react-router';
import { api, take, type JournalPage } from '../api/client';
import { useJournal } from '../api/queries';
import { SaveAs } from '../kit/SaveAs';
import type { Table } from '../kit/spreadsheet';
import { Empty, Trouble } from '../kit/Section';
import { Coming } from '../kit/Coming';
import { AllLines } from './AllLines';

/** All of it, a page after the other. */
async function wholeJournal(): Promise<Table> {
  const rows: Table = [['Happened', 'Of', 'What', 'Told', 'By', 'Struck']];
  for (let before: string | undefined = undefined; ;) {
    const page: JournalPage = await take(api.GET('/journal', { params: { query: { before } } }));
    for (const { tag, name, entry } of page.lines)
      rows.push([
        entry.happened_at.replace('T', ' '),
        tag === null ? name : `${tag.code} ${tag.variety}, ${tag.crop}`,
        entry.title,
        entry.figures.replaceAll('\u00A0', ' '),
        entry.by,
        entry.struck ? 'yes' : '',
      ]);
    if (page.older === null) return rows;
    before = page.older;
  }
}

/** Everything that happened, newest first. */
export function JournalBook() {
  const [params, setParams] = useSearchParams();
  const before = params.get('before') ?? undefined;
  const journal = useJournal(before);
  // Each page is an address of its own, so that the browser's way back leads to the newer ones.
  const turn = (to: string | null) =>
    setParams((now) => {
      const next = new URLSearchParams(now);
      if (to === null) next.delete('before');
      else next.set('before', to);
      return next;
    });
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Typography variant="h1" sx={{ mb: 1 }}>
        The journal
      </Typography>
      {journal.error !== null && <Trouble>{journal.error.message}</Trouble>}
      {journal.data === undefined && journal.error === null && <Coming lines={10} height={44} />}
      {before === undefined && journal.data?.lines.length === 0 && (
        <Empty>Nothing has been recorded yet.</Empty>
      )}
      {(journal.data?.lines.length ?? 0) > 0 && <SaveAs title="Journal" table={wholeJournal} />}
      <AllLines lines={journal.data?.lines ?? []} />
      <Box sx={{ display: 'flex', gap: 2, mt: 2 }}>
        {before !== undefined && <Button onClick={() => turn(null)}>To the newest</Button>}
        {journal.data !== undefined && journal.data.older !== null && (
          <Button onClick={() => turn(journal.data.older)}>Older</Button>
        )}
      </Box>
    </Box>
  );
}
